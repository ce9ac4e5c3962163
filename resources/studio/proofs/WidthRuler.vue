<template>
    <div ref="ruler" class="ruler">
        <span v-for="width in TICKS" :key="width" class="tick" :class="{ named: width % 200 === 0 }" :style="{ left: at(width) }">
            <i v-if="width % 200 === 0">{{ width }}</i>
        </span>
        <span v-for="width in bands" :key="`band-${width}`" class="band" :style="{ left: at(width) }" :title="`The layout changes at ${width} px`" />
        <button
            v-for="(handle, index) in handles"
            :key="handle.name"
            type="button"
            role="slider"
            class="handle"
            :style="{ left: at(handle.width) }"
            :aria-label="`Width of the ${handle.name} proof`"
            :aria-valuenow="handle.width"
            :aria-valuemin="LEAST"
            :aria-valuemax="MOST"
            :aria-valuetext="`${handle.width} px`"
            @pointerdown="grab($event, index)"
            @pointermove="drag"
            @pointerup="held = null"
            @keydown="step($event, index)"
        />
    </div>
</template>

<script setup lang="ts">
import { ref } from 'vue';
import { useVocabulary } from '../api/vocabulary';

const props = defineProps<{ bands: number[]; handles: { name: string; width: number }[] }>();
const emit = defineEmits<{ move: [index: number, width: number] }>();
const { least: LEAST, most: MOST } = useVocabulary().widths;
const ruler = ref<HTMLElement>();
const held = ref<number | null>(null);

const TICKS = Array.from({ length: 59 }, (_, index) => LEAST + index * 40);

/** Doublings are as far apart everywhere: phones have room, and wide screens do not need it. */
const shareOf = (width: number): number => Math.log(width / LEAST) / Math.log(MOST / LEAST);
const at = (width: number): string => `calc(14px + (100% - 28px) * ${shareOf(width).toFixed(4)})`;

function grab(event: PointerEvent, index: number): void {
    held.value = index;
    (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
}

function drag(event: PointerEvent): void {
    if (held.value === null || !ruler.value) return;
    const { left, width } = ruler.value.getBoundingClientRect();
    const share = Math.max(0, Math.min(1, (event.clientX - left - 14) / (width - 28)));
    emit('move', held.value, Math.round(LEAST * (MOST / LEAST) ** share));
}

function step(event: KeyboardEvent, index: number): void {
    const width = props.handles[index]?.width ?? LEAST;
    const by = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1, PageDown: -50, PageUp: 50 }[event.key];
    const to = event.key === 'Home' ? LEAST : event.key === 'End' ? MOST : by === undefined ? null : width + by * (event.shiftKey ? 10 : 1);
    if (to === null) return;
    event.preventDefault();
    emit('move', index, Math.max(LEAST, Math.min(MOST, to)));
}
</script>

<style scoped>
.ruler {
    position: relative;
    height: 30px;
    border-bottom: 1px solid var(--z4);
    background: var(--z1);
    touch-action: none;
}

.tick {
    position: absolute;
    bottom: 0;
    height: 5px;
    border-left: 1px solid var(--z4);
}

.tick.named {
    height: 9px;
}

i {
    position: absolute;
    bottom: 9px;
    left: 0;
    translate: -50%;
    font-size: 11px;
    font-style: normal;
    color: var(--z5);
    font-variant-numeric: tabular-nums;
}

.band {
    position: absolute;
    bottom: 0;
    height: 12px;
    border-left: 2px solid var(--verd);
}

.handle {
    position: absolute;
    bottom: -12px;
    z-index: 1;
    width: 24px;
    height: 24px;
    margin-left: -12px;
    padding: 0;
    border: 0;
    background: none;
    cursor: ew-resize;
}

.handle::before {
    content: '';
    position: absolute;
    inset: 5px;
    rotate: 45deg;
    border: 1px solid #fff;
    background: var(--z8);
}
</style>
