<template>
    <form class="who" @submit.prevent="save">
        <ElRadioGroup v-model="rule" :aria-label="label">
            <ElRadio v-for="option in options" :key="option.key" :value="option.key">{{ option.label }}</ElRadio>
        </ElRadioGroup>
        <label v-if="rule === 'these'" class="sites">
            <span>Their addresses, one a line</span>
            <ElInput
                v-model="origins"
                type="textarea"
                :rows="4"
                placeholder="https://saltreed.example"
                spellcheck="false"
                :aria-invalid="problem !== ''"
                :aria-describedby="problem ? problemId : undefined"
            />
            <span class="note">https://*.saltreed.example stands for all names below it.</span>
        </label>
        <ProblemNote v-if="problem" :id="problemId">{{ problem }}</ProblemNote>
        <ElButton native-type="submit" :loading="busy" :disabled="!isChanged">Say so</ElButton>
        <p class="note">Holds at once, for the line, the frame and the address. What was copied as HTML, and pictures by their address, follow nobody.</p>
        <section v-if="refusals.length > 0" aria-label="Refused">
            <h3>Refused</h3>
            <ul>
                <li v-for="one in refusals" :key="one.gallery_id + one.origin">
                    <b>{{ one.origin }}</b>
                    <span class="note"
                        >{{ withGallery ? `“${one.gallery}”, ` : '' }}{{ one.times === 1 ? 'once' : `${one.times} times` }}, last {{ when(one.at) }}</span
                    >
                </li>
            </ul>
        </section>
    </form>
</template>

<script setup lang="ts">
import { computed, ref, useId, watch } from 'vue';
import { useAsking } from '../account/use-asking';
import { api } from '../api/client';
import type { ElsewhereOfSite } from '../api/types';
import { announce } from '../shared/announce';
import ProblemNote from '../shared/ProblemNote.vue';
import { when } from '../shared/when';

/** Whose pages may embed a gallery, or all of them; and who was refused. */
const props = defineProps<{
    label: string;
    /** Where it is written to. */
    path: string;
    /** Null for as the site has it. */
    told: ElsewhereOfSite['rule'] | null;
    options: { key: string; label: string }[];
    refusals: ElsewhereOfSite['refusals'];
    withGallery?: boolean;
}>();
const emit = defineEmits<{ changed: [] }>();
const { problem, ask, busy } = useAsking();
const problemId = useId();
const rule = ref('site');
const origins = ref('');
const written = computed(() => props.told?.origins.join('\n') ?? '');
const isChanged = computed(() => rule.value !== (props.told?.rule ?? 'site') || (rule.value === 'these' && origins.value.trim() !== written.value));
watch(
    () => props.told,
    (told) => {
        rule.value = told?.rule ?? 'site';
        origins.value = written.value;
    },
    { immediate: true },
);

async function save(): Promise<void> {
    const named = origins.value.split('\n').map((line) => line.trim());
    if (await ask(() => api.put(props.path, { rule: rule.value, origins: named.filter((line) => line !== '') }))) {
        announce('It holds from now on.');
        emit('changed');
    }
}
</script>

<style scoped>
.who,
.sites {
    display: grid;
    gap: 8px;
    justify-items: start;
}

.el-radio-group {
    display: grid;
    justify-items: start;
}

.sites,
.el-textarea {
    width: 100%;
}

li {
    padding: 4px 0;
    overflow-wrap: anywhere;
}

li b {
    display: block;
    font-weight: 600;
}
</style>
