<template>
    <section class="embed">
        <h2>On another site</h2>
        <p class="note">One line, where the gallery is to stand.{{ live ? '' : ' It shows the gallery once it is put live.' }}</p>
        <textarea ref="field" readonly rows="5" :value="line" aria-label="Line to copy" spellcheck="false" @focus="field?.select()" />
        <button class="act" type="button" @click="copy">{{ copied ? 'Copied' : 'Copy the line' }}</button>
    </section>
</template>

<script setup lang="ts">
import { useClipboard } from '@vueuse/core';
import { ref } from 'vue';
import { announce } from '../shared/announce';

const props = defineProps<{ line: string; live: boolean }>();
const field = ref<HTMLTextAreaElement>();
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

textarea {
    width: 100%;
    padding: 8px;
    border: 1px solid var(--z4);
    border-radius: var(--corner);
    background: var(--z1);
    color: var(--z7);
    font:
        12px/1.5 ui-monospace,
        monospace;
    resize: none;
    overflow-wrap: anywhere;
}
</style>
