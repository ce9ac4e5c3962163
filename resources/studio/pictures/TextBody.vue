<template>
    <div class="body">
        <span id="text-body-label" class="label">Text</span>
        <div class="marks" role="toolbar" aria-label="Marks">
            <button v-for="mark in MARKS" :key="mark.command" type="button" :aria-label="mark.label" @mousedown.prevent @click="run(mark.command)">
                <component :is="mark.tag">{{ mark.sign }}</component>
            </button>
        </div>
        <!-- The server cleans it down to a few marks before anyone else sees it. -->
        <div
            ref="area"
            class="area"
            contenteditable="true"
            role="textbox"
            aria-multiline="true"
            aria-labelledby="text-body-label"
            @input="later"
            @blur="flush"
            @paste="paste"
        />
    </div>
</template>

<script setup lang="ts">
import { onBeforeUnmount, onMounted, ref } from 'vue';
import { plainText } from '../shared/plain-paste';

const MARKS = [
    { command: 'bold', label: 'Strong', tag: 'b', sign: 'S' },
    { command: 'italic', label: 'Emphasis', tag: 'i', sign: 'E' },
    { command: 'createLink', label: 'Link', tag: 'u', sign: 'Link' },
    { command: 'unlink', label: 'No link', tag: 'span', sign: 'No link' },
] as const;

/** ms after the last key until it is saved. */
const PAUSE = 1200;

const props = defineProps<{ html: string }>();
const emit = defineEmits<{ save: [html: string] }>();
const area = ref<HTMLElement>();
let timer = 0;

onMounted(() => {
    if (area.value) area.value.innerHTML = props.html;
});

function run(command: (typeof MARKS)[number]['command']): void {
    const address = command === 'createLink' ? (window.prompt('Where does the link lead?', 'https://') ?? '') : '';
    if (command === 'createLink' && address === '') return;
    document.execCommand(command, false, address);
    later();
}

function later(): void {
    window.clearTimeout(timer);
    timer = window.setTimeout(flush, PAUSE);
}

function flush(): void {
    if (timer === 0) return;
    window.clearTimeout(timer);
    timer = 0;
    emit('save', area.value?.innerHTML ?? '');
}

function paste(event: ClipboardEvent): void {
    event.preventDefault();
    document.execCommand('insertText', false, plainText(event.clipboardData?.getData('text/plain') ?? '', true));
}

onBeforeUnmount(flush);
</script>

<style scoped>
.label {
    font-size: 13px;
    color: var(--z6);
}

.marks {
    display: flex;
    gap: 4px;
    margin: 4px 0;
}

.marks button {
    min-width: 32px;
    height: 28px;
    padding: 0 8px;
    border: 1px solid var(--z4);
    border-radius: var(--corner);
    background: var(--z0);
    color: var(--z7);
    cursor: pointer;
}

.area {
    min-height: 120px;
    max-height: 280px;
    padding: 8px 10px;
    border: 1px solid var(--z4);
    border-radius: var(--corner);
    overflow: auto;
}

.area :deep(p) {
    margin-bottom: 8px;
}
</style>
