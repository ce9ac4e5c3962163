<template>
    <li
        class="tile"
        :class="{ chosen, hidden: item.hidden, going }"
        role="option"
        :aria-selected="chosen"
        :aria-label="label"
        :tabindex="tabbable ? 0 : -1"
        :data-item="item.id"
        @click="emit('choose', $event)"
        @dblclick="emit('open')"
        @keydown="emit('key', $event)"
    >
        <span class="frame">
            <img v-if="item.picture?.thumbnail" :src="item.picture.thumbnail" alt="" loading="lazy" draggable="false" />
            <!-- The server cleaned it down to a few marks when it came in. -->
            <!-- eslint-disable-next-line vue/no-v-html -->
            <span v-else-if="item.kind === 'text'" class="text" v-html="item.text" />
            <span v-if="item.kind === 'video'" class="play" aria-hidden="true" />
        </span>
        <span class="foot">
            <span class="place">{{ place }}</span>
            <span class="name" :class="{ fallback: item.words.title === '' }">{{ name }}</span>
        </span>
        <span v-if="album" class="album">{{ album }}</span>
        <span class="marks">
            <b v-if="item.picture?.state === 'failed'" class="bad">{{ item.picture.failure }}</b>
            <b v-if="item.hidden">Hidden</b>
            <b v-if="item.kind === 'video' && !item.picture?.thumbnail">No poster</b>
        </span>
        <span v-if="going && count > 1" class="count">{{ count }}</span>
    </li>
</template>

<script setup lang="ts">
import { computed } from 'vue';
import type { Item } from '../api/types';

const props = defineProps<{
    item: Item;
    place: number;
    chosen: boolean;
    tabbable: boolean;
    album: string | null;
    /** It is being dragged. */
    going: boolean;
    /** How many are dragged with it. */
    count: number;
}>();
const emit = defineEmits<{ choose: [event: MouseEvent]; key: [event: KeyboardEvent]; open: [] }>();

const name = computed(() => props.item.words.title || props.item.picture?.name || 'Text');
const label = computed(() =>
    [
        `${props.place}. ${name.value}`,
        props.item.kind === 'picture' ? '' : props.item.kind,
        props.item.hidden ? 'hidden' : '',
        props.album ? `in ${props.album}` : '',
        props.item.flaws.includes('missing') ? 'no alt text' : '',
    ]
        .filter((part) => part !== '')
        .join(', '),
);
</script>

<style scoped>
.tile {
    position: relative;
    border: 1px solid var(--z3);
    border-radius: var(--corner);
    background: var(--z0);
    cursor: grab;
    user-select: none;
    content-visibility: auto;
    contain-intrinsic-size: auto 166px;
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
    position: relative;
    display: grid;
    place-items: center;
    aspect-ratio: 1.2;
    margin: 6px 6px 0;
    background: var(--z1);
    overflow: hidden;
}

.hidden .frame > * {
    opacity: 0.35;
}

img {
    width: 100%;
    height: 100%;
    object-fit: contain;
    min-height: 0;
}

.text {
    width: 100%;
    height: 100%;
    padding: 10px;
    font-size: 12px;
    line-height: 1.4;
    overflow: hidden;
}

.text :deep(*) {
    pointer-events: none;
}

.play {
    position: absolute;
    width: 36px;
    height: 36px;
    border-radius: 50%;
    background: rgb(16 20 23 / 0.7);
}

.play::before {
    content: '';
    position: absolute;
    inset: 0;
    margin: auto;
    width: 12px;
    height: 14px;
    translate: 2px;
    background: #fff;
    clip-path: polygon(0 0, 100% 50%, 0 100%);
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

.chosen :is(.place, .fallback, .album) {
    color: var(--z6);
}

.album {
    display: block;
    margin-top: -5px;
    padding: 0 8px 6px;
    font-size: 12px;
    color: var(--z5);
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}

.marks {
    position: absolute;
    left: 6px;
    top: 6px;
    display: flex;
    flex-wrap: wrap;
    gap: 2px;
}

.marks b {
    padding: 1px 6px;
    background: var(--z7);
    color: #fff;
    font-size: 11px;
    font-weight: 400;
}

.marks .bad {
    background: var(--rust);
}

.going {
    opacity: 0.45;
}

.count {
    position: absolute;
    right: -6px;
    top: -6px;
    min-width: 24px;
    padding: 2px 6px;
    border-radius: 12px;
    background: var(--verd);
    color: #fff;
    font-weight: 600;
    text-align: center;
}
</style>
