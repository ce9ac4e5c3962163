<template>
    <ul class="crops">
        <li v-for="(crop, index) in crops" :key="crop.src">
            <span class="picture" :style="{ aspectRatio: `${crop.width} / ${crop.height}` }">
                <img :src="crop.src" :alt="crop.title || `Picture ${index + 1}`" />
                <img class="seen" :src="crop.src" alt="" :style="{ clipPath: inset(crop.seen) }" />
                <i :style="{ left: `${100 * crop.focal[0]}%`, top: `${100 * crop.focal[1]}%` }" />
            </span>
            <small :class="{ bad: crop.much_cropped }">{{ percent(crop.lost) }} cut</small>
        </li>
    </ul>
</template>

<script setup lang="ts">
import type { CropShown } from '../api/types';
import { percent } from './figures';

defineProps<{ crops: CropShown[] }>();

const inset = ([left, top, width, height]: CropShown['seen']): string =>
    `inset(${100 * top}% ${100 * (1 - left - width)}% ${100 * (1 - top - height)}% ${100 * left}%)`;
</script>

<style scoped>
.crops {
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
    align-content: start;
    gap: 3px;
}

.picture {
    position: relative;
    display: block;
    height: 118px;
    background: var(--z7);
}

img {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    opacity: 0.32;
}

.seen {
    opacity: 1;
}

i {
    position: absolute;
    width: 14px;
    height: 14px;
    margin: -7px;
    border: 2px solid #fff;
    border-radius: 50%;
    outline: 1px solid var(--z8);
}

small {
    font-size: 11px;
    color: var(--z5);
}

.bad {
    color: var(--rust);
}
</style>
