<template>
    <ol v-if="legibility && legibility.captions.length > 0" class="list" tabindex="0" aria-label="Captions, the hardest to read first">
        <li v-for="caption in legibility.captions" :key="caption.number">
            <span class="picture" :style="{ aspectRatio: caption.shape }">
                <img v-if="caption.src" :src="caption.src" alt="" />
                <i :style="placed(caption.area)" />
            </span>
            <small :class="{ bad: caption.is_hard }">{{ figure(caption.ratio) }} : 1</small>
            <small class="title">{{ caption.title || `No. ${caption.number}` }}, at {{ caption.at }} px</small>
        </li>
    </ol>
    <p v-else class="note">No caption lies over a picture here; what stands below one is read on the page’s own ground.</p>
</template>

<script setup lang="ts">
import type { CaptionSight, Legibility } from '../api/types';

defineProps<{ legibility: Legibility | undefined }>();

const placed = ([left, top, width, height]: CaptionSight['area']) => ({
    left: `${100 * left}%`,
    top: `${100 * top}%`,
    width: `${100 * width}%`,
    height: `${100 * height}%`,
});

/** Cut, not rounded: what falls short by a hair must not look as if it did not. */
const figure = (ratio: number): string => (Math.floor(10 * ratio) / 10).toFixed(1);
</script>

<style scoped>
.list {
    display: flex;
    gap: 12px;
    margin: 0;
    padding: 2px;
    overflow-x: auto;
    list-style: none;
}

li {
    display: grid;
    flex: none;
    grid-template-rows: 104px auto auto;
    max-width: 210px;
}

.picture {
    position: relative;
    display: block;
    height: 104px;
    overflow: clip;
    background: var(--z2);
}

img {
    width: 100%;
    height: 100%;
    object-fit: cover;
}

i {
    position: absolute;
    outline: 2px solid #fff;
    box-shadow: inset 0 0 0 1px var(--z8);
}

small {
    font-size: 12px;
    font-weight: 600;
    font-variant-numeric: tabular-nums;
    color: var(--verd);
}

.title {
    overflow: hidden;
    font-weight: 400;
    text-overflow: ellipsis;
    white-space: nowrap;
    color: var(--z5);
}

.bad {
    color: var(--rust);
}

.note {
    align-self: start;
}
</style>
