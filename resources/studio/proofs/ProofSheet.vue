<template>
    <figure class="proof">
        <figcaption>
            <b>{{ name }}</b>
            <ElInputNumber
                size="small"
                :model-value="windowWidth"
                :min="widths.least"
                :max="widths.most"
                :precision="0"
                :controls="false"
                :aria-label="`Width of the ${name} proof in px`"
                @change="emit('resize', $event ?? windowWidth)"
            />
            px
        </figcaption>
        <div ref="sheet" class="sheet">
            <iframe
                ref="frame"
                :src="address"
                sandbox="allow-same-origin allow-scripts"
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
import type { Gallery, Proof } from '../api/types';
import { useVocabulary } from '../api/vocabulary';

const props = defineProps<{ gallery: Gallery; markup: Pick<Proof, 'html' | 'css'>; name: string; windowWidth: number; scale: number }>();
const emit = defineEmits<{ resize: [width: number] }>();
const { widths } = useVocabulary();
const frame = ref<HTMLIFrameElement>();
const sheet = ref<HTMLElement>();
const { height } = useElementSize(sheet);
// The page itself is fetched again only when the gallery stands elsewhere.
const address = computed(() => `/studio/proof/${props.gallery.id}?at=${props.gallery.panes.map((pane) => `${pane.id}-${pane.spot}`).join('.')}`);

/** Share of its height above which a sheet shows a gallery as it opens. */
const SEEN = 0.6;

/** px of its page that stay in sight above a gallery one was brought to. */
const ABOVE = 60;

/** What each pane of the proof was made of. */
const put = new WeakMap<Element, string>();

function loaded(): void {
    const page = frame.value?.contentDocument;
    page?.addEventListener('click', (event) => event.preventDefault());
    // Nothing in a proof is to be walked through by keyboard but its scrolling.
    page?.querySelectorAll('a').forEach((link) => (link.tabIndex = -1));
    replace();
    comeTo(page?.querySelector('.zp-proof'));
}

/** A gallery that stands far down its page is what one came to see. */
function comeTo(pane: Element | null | undefined): void {
    const [top, window] = [pane?.getBoundingClientRect().top ?? 0, frame.value?.contentWindow];
    if (window && top > window.innerHeight * SEEN) window.scrollTo(0, window.scrollY + top - ABOVE);
}

/** Puts the newest markup, which came with the answer to the change, into the page that is shown. */
function replace(): void {
    const page = frame.value?.contentDocument;
    if (!page) return;
    for (const style of page.querySelectorAll('style[data-zinc-pane="proof"]')) style.textContent = props.markup.css;
    for (const pane of page.querySelectorAll('.zp-proof')) {
        // The script of the proof adds to what is there; what was put in is kept beside it.
        if (put.get(pane) === props.markup.html) continue;
        const fresh = page.createRange().createContextualFragment(props.markup.html ?? '').firstElementChild;
        if (!fresh) continue;
        pane.replaceWith(fresh);
        put.set(fresh, props.markup.html ?? '');
        // What visitors run comes alive in it, too.
        fresh.dispatchEvent(new CustomEvent('zinc-pane', { bubbles: true }));
    }
    page.querySelectorAll<HTMLElement>('.zp-proof a').forEach((link) => (link.tabIndex = -1));
}

watch(() => props.markup, replace);
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

.el-input-number {
    width: 64px;
}

b {
    margin-right: 4px;
    font-weight: 600;
}

.sheet {
    overflow: hidden;
    /* What is scaled from its left corner stands there, whichever way the studio is read. */
    direction: ltr;
    background: #fff;
    outline: 2px solid var(--z4);
}

iframe {
    display: block;
    border: 0;
    transform-origin: 0 0;
}
</style>
