<template>
    <ProofOption :chosen="card.chosen" @adopt="emit('adopt')" @look="emit('look')" @leave="emit('leave')">
        <span ref="sample" class="sample" aria-hidden="true" inert />
        <b>{{ card.name }}</b>
        <span class="says">{{ card.chosen && !card.follows && card.source !== 'gallery' ? 'changed since it was taken' : card.says }}</span>
    </ProofOption>
</template>

<script setup lang="ts">
import { useIntervalFn, usePreferredReducedMotion } from '@vueuse/core';
import { onMounted, ref, watch } from 'vue';
import type { FinishCard, PageColours } from '../api/types';
import ProofOption from '../proofs/ProofOption.vue';

/** A finish on a few of one's own pictures: the markup that would be published, out of reach of the studio's styles. */
const props = defineProps<{ card: FinishCard; page: PageColours | null; moves: boolean }>();
const emit = defineEmits<{ adopt: []; look: []; leave: [] }>();

/** px of the page on which a sample stands. */
const PAGE = 470;

/** ms of each state of an effect that shows itself. */
const TURN = 1600;

const sample = ref<HTMLElement>();
const motion = usePreferredReducedMotion();
let root: ShadowRoot | null = null;
let isPointed = false;

function draw(): void {
    if (!root) return;
    const { page, card } = props;
    const ground = page ? `background:${page.ground};color:${page.text};font:16px/1.5 ${page.font}` : '';
    root.innerHTML = `<style>:host{all:initial!important;display:block!important;width:${PAGE}px!important;height:244px!important;padding:12px!important;box-sizing:border-box!important;overflow:hidden!important;zoom:.31!important;${ground}}${card.css}</style>${card.html}`;
    root.querySelectorAll('img').forEach((image) => (image.loading = 'eager'));
    point();
}

/** The first and the last tile, so that rest and motion are side by side. */
function point(): void {
    const tiles = [...(root?.querySelectorAll('li') ?? [])];
    tiles.forEach((tile, index) =>
        tile.classList.toggle('zp-pointed', props.moves && (motion.value === 'reduce' ? index === 1 : index % 2 === Number(isPointed))),
    );
}

onMounted(() => {
    root = sample.value?.attachShadow({ mode: 'open' }) ?? null;
    draw();
});
watch(() => [props.card.css, props.card.html, props.page], draw);
useIntervalFn(() => {
    if (!props.moves || motion.value === 'reduce') return;
    isPointed = !isPointed;
    point();
}, TURN);
</script>

<style scoped>
.sample {
    display: block;
    margin: 2px;
}

.says {
    padding: 0 7px;
    font-size: 11px;
    line-height: 1.3;
    color: var(--z5);
}
</style>
