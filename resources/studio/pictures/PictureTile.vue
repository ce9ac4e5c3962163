<template>
    <li
        class="tile"
        :class="{ chosen }"
        role="option"
        :aria-selected="chosen"
        :aria-label="`${place}. ${name}${item.words.alt === '' ? ', no alt text' : ''}`"
        :tabindex="tabbable ? 0 : -1"
        :data-item="item.id"
        @click="emit('choose', $event)"
        @keydown="emit('key', $event)"
    >
        <span class="frame">
            <img v-if="item.picture.thumbnail" :src="item.picture.thumbnail" alt="" loading="lazy" draggable="false" />
        </span>
        <span class="foot">
            <span class="place">{{ place }}</span>
            <span class="name" :class="{ fallback: item.words.title === '' }">{{ name }}</span>
        </span>
        <span v-if="item.picture.state === 'failed'" class="mark bad">{{ item.picture.failure }}</span>
        <span v-else-if="item.words.alt === ''" class="mark">No alt text</span>
    </li>
</template>

<script setup lang="ts">
import { computed } from 'vue';
import type { Item } from '../api/types';

const props = defineProps<{ item: Item; place: number; chosen: boolean; tabbable: boolean }>();
const emit = defineEmits<{ choose: [event: MouseEvent]; key: [event: KeyboardEvent] }>();
const name = computed(() => (props.item.words.title === '' ? props.item.picture.name : props.item.words.title));
</script>

<style scoped>
.tile {
    position: relative;
    border: 1px solid var(--z3);
    border-radius: var(--corner);
    background: var(--z0);
    cursor: grab;
    user-select: none;
}

.chosen {
    border-color: var(--verd);
    box-shadow: 0 0 0 2px var(--verd);
    background: var(--verd-tint);
}

.tile:focus-visible {
    outline-offset: 4px;
}

.frame {
    display: grid;
    place-items: center;
    aspect-ratio: 1.2;
    margin: 6px 6px 0;
    background: var(--z1);
}

img {
    width: 100%;
    height: 100%;
    object-fit: contain;
    min-height: 0;
}

.foot {
    display: flex;
    gap: 8px;
    padding: 5px 8px 6px;
    font-size: 12px;
}

.place {
    color: var(--z5);
    font-variant-numeric: tabular-nums;
}

.name {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
    font-weight: 600;
}

.fallback {
    font-weight: 400;
    color: var(--z5);
}

.chosen :is(.place, .fallback) {
    color: var(--z6);
}

.mark {
    position: absolute;
    left: 6px;
    top: 6px;
    padding: 1px 6px;
    background: var(--z7);
    color: #fff;
    font-size: 11px;
}

.bad {
    background: var(--rust);
}
</style>
