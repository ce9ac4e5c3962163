<template>
    <figure class="proof">
        <figcaption>
            <b>{{ name }}</b> {{ windowWidth }} px
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
import type { Gallery } from '../api/types';

const props = defineProps<{ gallery: Gallery; name: string; windowWidth: number; scale: number }>();
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
    for (const style of page.querySelectorAll('style[data-zinc-pane="proof"]')) style.textContent = props.gallery.proof.css;
    for (const pane of page.querySelectorAll('.zp-proof')) {
        if (pane.outerHTML === props.gallery.proof.html) continue;
        pane.outerHTML = props.gallery.proof.html;
    }
    page.querySelectorAll<HTMLElement>('.zp-proof a').forEach((link) => (link.tabIndex = -1));
}

watch(() => props.gallery.proof, replace);
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
