<template>
    <figure class="proof">
        <figcaption>
            <b>{{ name }}</b>
            <input type="number" :aria-label="`Width of the ${name} proof in px`" :min="LEAST" :max="MOST" :value="windowWidth" @change="typed" /> px
        </figcaption>
        <div ref="sheet" class="sheet">
            <iframe
                ref="frame"
                :src="address"
                :title="`${name} proof of ${gallery.about.title}`"
                :style="{ width: `${windowWidth}px`, height: `${height / scale}px`, transform: `scale(${scale})` }"
                @load="loaded"
            />
        </div>
    </figure>
</template>

<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { computed, ref, watch } from 'vue';
import type { Proof } from '../api/layout-types';
import type { Gallery } from '../api/types';
import { LEAST, MOST } from './widths';

const props = defineProps<{ gallery: Gallery; markup: Proof; name: string; windowWidth: number; scale: number }>();
const emit = defineEmits<{ resize: [width: number] }>();
const frame = ref<HTMLIFrameElement>();
const sheet = ref<HTMLElement>();
const { height } = useElementSize(sheet);
// The page itself is fetched again only when the gallery stands elsewhere.
const address = computed(() => `/studio/proof/${props.gallery.id}?at=${props.gallery.panes.map((pane) => `${pane.id}-${pane.spot}`).join('.')}`);

function loaded(): void {
    const page = frame.value?.contentDocument;
    page?.addEventListener('click', (event) => event.preventDefault());
    // Nothing in a proof is to be walked through by keyboard but its scrolling.
    page?.querySelectorAll('a').forEach((link) => (link.tabIndex = -1));
    replace();
}

/** Puts the newest markup, which came with the answer to the change, into the page that is shown. */
function replace(): void {
    const page = frame.value?.contentDocument;
    if (!page) return;
    for (const style of page.querySelectorAll('style[data-zinc-pane="proof"]')) style.textContent = props.markup.css;
    for (const pane of page.querySelectorAll('.zp-proof')) {
        if (pane.outerHTML === props.markup.html) continue;
        pane.outerHTML = props.markup.html;
    }
    page.querySelectorAll<HTMLElement>('.zp-proof a').forEach((link) => (link.tabIndex = -1));
}

watch(() => props.markup, replace);

function typed(event: Event): void {
    const input = event.target as HTMLInputElement;
    const width = Math.max(LEAST, Math.min(MOST, Math.round(Number(input.value)) || props.windowWidth));
    input.value = String(width);
    emit('resize', width);
}
</script>

<style scoped>
.proof {
    display: grid;
    grid-template-rows: auto minmax(0, 1fr);
    gap: 5px;
    min-width: 0;
    height: 100%;
}

figcaption {
    font-size: 12px;
    color: var(--z6);
    font-variant-numeric: tabular-nums;
}

input {
    width: 58px;
    height: 22px;
    padding: 1px 4px;
    border: 1px solid var(--z4);
    border-radius: var(--corner);
    background: var(--z0);
    font: inherit;
}

b {
    margin-right: 4px;
    font-weight: 600;
}

.sheet {
    overflow: hidden;
    background: #fff;
    outline: 2px solid var(--z4);
}

iframe {
    display: block;
    border: 0;
    transform-origin: 0 0;
}
</style>
