<template>
    <section class="embed">
        <h2>On another site</h2>
        <p class="note">One line, where the gallery is to stand.{{ live ? '' : ' It shows the gallery once it is put live.' }}</p>
        <ElInput ref="field" type="textarea" readonly :rows="5" :model-value="line" aria-label="Line to copy" spellcheck="false" @focus="field?.select()" />
        <ElButton @click="copy">{{ copied ? 'Copied' : 'Copy the line' }}</ElButton>
    </section>
</template>

<script setup lang="ts">
import { useClipboard } from '@vueuse/core';
import { ref } from 'vue';
import { announce } from '../shared/announce';

const props = defineProps<{ line: string; live: boolean }>();
const field = ref<{ select: () => void }>();
const { copy: toClipboard, copied } = useClipboard({ legacy: true });

async function copy(): Promise<void> {
    await toClipboard(props.line);
    announce('Copied.');
}
</script>

<style scoped>
.embed {
    display: grid;
    gap: 8px;
    margin-top: auto;
    padding-top: 12px;
    border-top: 2px solid var(--z3);
}

.el-textarea {
    --el-input-bg-color: var(--z1);
    font:
        12px/1.5 ui-monospace,
        monospace;
}
</style>
