<template>
    <fieldset class="kinds">
        <legend>Layout</legend>
        <label v-for="kind in KINDS" :key="kind.value" :class="{ on: kind.value === modelValue }">
            <input type="radio" :name="name" :value="kind.value" :checked="kind.value === modelValue" @change="emit('update:modelValue', kind.value)" />
            <svg viewBox="0 0 30 20" aria-hidden="true"><path :d="kind.path" /></svg>
            <span>{{ kind.label }}</span>
        </label>
    </fieldset>
</template>

<script setup lang="ts">
import { useId } from 'vue';
import type { LayoutKind } from '../api/layout-types';

defineProps<{ modelValue: LayoutKind }>();
const emit = defineEmits<{ 'update:modelValue': [kind: LayoutKind] }>();
const name = useId();

/** Tiles of each icon as left, top, width, height. */
const tiles = (...places: [number, number, number, number][]): string => places.map(([x, y, w, h]) => `M${x} ${y}h${w}v${h}h-${w}z`).join('');

const KINDS: { value: LayoutKind; label: string; path: string }[] = [
    { value: 'grid', label: 'Grid', path: tiles([1, 1, 8, 8], [11, 1, 8, 8], [21, 1, 8, 8], [1, 11, 8, 8], [11, 11, 8, 8], [21, 11, 8, 8]) },
    { value: 'masonry', label: 'Masonry', path: tiles([1, 1, 8, 6], [1, 9, 8, 10], [11, 1, 8, 11], [11, 14, 8, 5], [21, 1, 8, 8], [21, 11, 8, 8]) },
    { value: 'rows', label: 'Tiled rows', path: tiles([1, 1, 11, 8], [14, 1, 6, 8], [22, 1, 7, 8], [1, 11, 6, 8], [9, 11, 12, 8], [23, 11, 6, 8]) },
    { value: 'mosaic', label: 'Mosaic', path: tiles([1, 1, 17, 18], [20, 1, 9, 8], [20, 11, 9, 8]) },
    { value: 'strip', label: 'Strip', path: tiles([1, 5, 11, 10], [14, 5, 8, 10], [24, 5, 5, 10]) },
    { value: 'slideshow', label: 'Slideshow', path: tiles([4, 1, 22, 14], [11, 17, 2, 2], [14, 17, 2, 2], [17, 17, 2, 2]) },
    { value: 'single', label: 'One per row', path: tiles([6, 1, 18, 5], [6, 8, 18, 5], [6, 15, 18, 4]) },
];
</script>

<style scoped>
.kinds {
    display: grid;
    grid-template-columns: repeat(4, 1fr);
    gap: 6px;
    margin: 0;
    padding: 0;
    border: 0;
}

legend {
    margin-bottom: 6px;
    padding: 0;
    font-size: 13px;
    font-weight: 600;
    color: var(--z7);
}

label {
    position: relative;
    display: grid;
    justify-items: center;
    gap: 5px;
    padding: 9px 2px 6px;
    border: 1px solid var(--z3);
    border-radius: var(--corner);
    font-size: 12px;
    white-space: nowrap;
    cursor: pointer;
}

label:hover:not(.on) {
    background: var(--z1);
}

.on {
    border-color: var(--verd);
    box-shadow: inset 0 0 0 1px var(--verd);
    background: var(--verd-tint);
    font-weight: 600;
}

svg {
    width: 30px;
    fill: var(--z4);
}

.on svg {
    fill: var(--verd);
}

input {
    position: absolute;
    inset: 0;
    margin: 0;
    opacity: 0;
    cursor: inherit;
}

label:has(:focus-visible) {
    outline: 2px solid var(--verd);
    outline-offset: 2px;
}
</style>
