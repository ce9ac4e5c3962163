<template>
    <form class="check" @submit.prevent="check">
        <label>
            <span>HTML of the other page</span>
            <ElInput v-model="html" type="textarea" :rows="6" spellcheck="false" placeholder="Paste its source, or open its file" />
        </label>
        <div class="acts">
            <ElButton native-type="submit" :loading="busy" :disabled="html === ''">Check it</ElButton>
            <FileButton label="File of the page" accept=".html,.htm,text/html" @choose="open">Open a file</FileButton>
        </div>
        <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
        <div role="status">
            <p v-if="findings?.length === 0" class="well">All is as it was copied.</p>
            <ul v-else-if="findings">
                <li v-for="(finding, index) in findings" :key="index" :class="{ fault: finding.is_fault }">
                    <p>{{ finding.says }}</p>
                    <p class="note">{{ finding.mend }}</p>
                    <ElButton v-if="finding.kind && finding.gallery === gallery" size="small" @click="emit('kind', finding.kind)">Show what to copy</ElButton>
                </li>
            </ul>
        </div>
    </form>
</template>

<script setup lang="ts">
import { ref } from 'vue';
import { useAsking } from '../account/use-asking';
import { api } from '../api/client';
import type { EmbedKind, PageChecked } from '../api/types';
import FileButton from '../shared/FileButton.vue';
import ProblemNote from '../shared/ProblemNote.vue';

/** Looks for galleries of this site on somebody else's page, and says what is wrong with them. */
defineProps<{ gallery: string }>();
const emit = defineEmits<{ kind: [kind: EmbedKind] }>();
const { problem, ask, busy } = useAsking();
const html = ref('');
const findings = ref<PageChecked['findings'] | null>(null);

async function check(): Promise<void> {
    findings.value = null;
    await ask(async () => (findings.value = (await api.post<PageChecked>('elsewhere/check', { html: html.value })).findings));
}

async function open([file]: File[]): Promise<void> {
    if (!file) return;
    html.value = await file.text();
    await check();
}
</script>

<style scoped>
.check,
label {
    display: grid;
    gap: 8px;
}

label > span {
    font-size: 13px;
    color: var(--z6);
}

.el-textarea {
    font:
        12px/1.5 ui-monospace,
        monospace;
}

.acts {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
}

li {
    margin-top: 8px;
    padding: 8px 10px;
    border-inline-start: 3px solid var(--z4);
    background: var(--z1);
}

.fault {
    border-color: var(--rust);
    background: var(--rust-tint);
}

.well {
    color: var(--verd);
    font-weight: 600;
}
</style>
