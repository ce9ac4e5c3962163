<template>
    <div class="try">
        <p>What of each kind stays whole:</p>
        <table>
            <thead>
                <tr>
                    <th scope="col"><span class="unseen">Kind</span></th>
                    <th v-for="one in strengths" :key="one.key" scope="col">{{ one.label }}</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="row in kinds" :key="row.kind">
                    <th scope="row">{{ row.label }}</th>
                    <td v-for="one in strengths" :key="one.key">
                        <span :class="row.survives.includes(one.key) ? 'well' : 'note'">{{ row.survives.includes(one.key) ? 'whole' : 'no' }}</span>
                    </td>
                </tr>
            </tbody>
        </table>
        <SegmentChoice
            v-model="strength"
            label="Paste into an editor that is"
            :options="strengths.map(({ key, label }) => ({ value: key, label: label.toLowerCase() }))"
        />
        <p class="note">It {{ strengths.find(({ key }) => key === strength)?.says }}.</p>
        <p v-if="best">
            Best for it: <ElButton size="small" @click="emit('kind', best.kind)">{{ best.label }}</ElButton>
        </p>
        <label>
            <span>What is pasted</span>
            <ElInput v-model="pasted" type="textarea" :rows="4" spellcheck="false" />
        </label>
        <template v-if="answer">
            <p v-if="answer.lost.length === 0" class="well">It takes nothing out.</p>
            <template v-else>
                <p>It takes out:</p>
                <ul class="lost">
                    <li v-for="lost in answer.lost" :key="lost">{{ lost }}</li>
                </ul>
            </template>
            <label>
                <span>What is left</span>
                <ElInput type="textarea" readonly :rows="4" :model-value="answer.html" spellcheck="false" />
            </label>
        </template>
    </div>
</template>

<script setup lang="ts">
import { refDebounced } from '@vueuse/core';
import { useQuery } from '@tanstack/vue-query';
import { computed, ref, watch } from 'vue';
import { api } from '../api/client';
import type { EmbedKind, EmbedOfKind, Elsewhere, PastedCleaned, Strength } from '../api/types';
import SegmentChoice from '../shared/SegmentChoice.vue';

/** The stand-in for editors that clean what is pasted: what stays, what goes, and which kind is the one for it. */
const props = defineProps<{ kinds: EmbedOfKind[]; kind: EmbedKind; strengths: Elsewhere['strengths'] }>();
const emit = defineEmits<{ kind: [kind: EmbedKind] }>();
const strength = ref<Strength>('firm');
const best = computed(() => props.kinds.find(({ survives }) => survives.includes(strength.value)));
const pasted = ref('');
watch(
    () => props.kinds.find(({ kind }) => kind === props.kind)?.pieces,
    (pieces) => (pasted.value = pieces?.map(({ text }) => text).join('\n') ?? ''),
    { immediate: true },
);
const asked = refDebounced(pasted, 300);
const { data: answer } = useQuery({
    queryKey: computed(() => ['pasted', strength.value, asked.value]),
    queryFn: () => api.post<PastedCleaned>('elsewhere/clean', { html: asked.value, strength: strength.value }),
    placeholderData: (before) => before,
});
</script>

<style scoped>
.try,
label {
    display: grid;
    gap: 8px;
}

label > span {
    font-size: 13px;
    color: var(--z6);
}

th,
td {
    padding: 3px 12px 3px 0;
    text-align: start;
    font-size: 13px;
}

th {
    font-weight: 600;
}

.well {
    color: var(--verd);
    font-weight: 600;
}

.lost {
    max-height: 160px;
    padding: 6px 10px;
    background: var(--rust-tint);
    font:
        12px/1.6 ui-monospace,
        monospace;
    overflow: auto;
}

.el-textarea {
    font:
        12px/1.5 ui-monospace,
        monospace;
}
</style>
