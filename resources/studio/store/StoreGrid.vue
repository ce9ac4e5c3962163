<template>
    <div ref="room" class="room" :class="{ empty: store.total.value === 0 }">
        <p v-if="store.isPending.value" class="note" role="status">Looking…</p>
        <NothingHere v-else-if="store.total.value === 0"><slot name="none">No picture fits.</slot></NothingHere>
        <ul v-else class="all" role="listbox" :aria-label="label" aria-multiselectable="true" :style="{ height: `${virtualizer.getTotalSize()}px` }">
            <template v-for="row in virtualizer.getVirtualItems()" :key="row.index">
                <li
                    v-for="spot in cellsOf(row.index)"
                    :key="spot.picture?.id ?? `place ${spot.place}`"
                    class="cell"
                    :class="{ chosen: spot.picture && selection.chosen.value.has(spot.picture.id), in: spot.picture && inGallery?.has(spot.picture.id) }"
                    role="option"
                    :aria-selected="spot.picture ? selection.chosen.value.has(spot.picture.id) : false"
                    :aria-label="spot.picture ? nameOf(spot.picture) : 'Fetching'"
                    :aria-posinset="spot.place + 1"
                    :aria-setsize="store.total.value"
                    :tabindex="spot.place === standing ? 0 : -1"
                    :data-item="spot.picture?.id"
                    :data-place="spot.place"
                    :style="{ width: `${cell}px`, height: `${cell + FOOT}px`, transform: `translate(${spot.left}px, ${row.start}px)` }"
                    @click="spot.picture && pick(spot.picture, spot.place, $event)"
                    @dblclick="spot.picture && emit('open', spot.picture)"
                    @keydown="onKey($event, spot.place)"
                >
                    <span class="frame">
                        <img v-if="spot.picture?.thumbnail" :src="spot.picture.thumbnail" alt="" loading="lazy" draggable="false" />
                        <i v-if="spot.picture?.kind === 'video'" class="play" />
                    </span>
                    <span v-if="spot.picture" class="foot">
                        <span class="name" :class="{ fallback: spot.picture.title === '' }">{{ spot.picture.title || spot.picture.name }}</span>
                        <span v-if="inGallery?.has(spot.picture.id)" class="uses">in here</span>
                        <span v-else-if="spot.picture.uses > 0" class="uses" :title="`In ${spot.picture.uses} galleries`">{{ spot.picture.uses }}×</span>
                    </span>
                </li>
            </template>
        </ul>
        <i v-if="box" class="box" :style="box" />
    </div>
</template>

<script setup lang="ts">
import NothingHere from '../shared/NothingHere.vue';
import { placeAfter } from '../shared/roving';
import { useVirtualizer } from '@tanstack/vue-virtual';
import { useElementSize } from '@vueuse/core';
import { computed, nextTick, ref, watch } from 'vue';
import type { StoredPicture } from '../api/types';
import { useDragBox } from '../shared/use-drag-box';
import type { UseSelectionReturn } from '../shared/use-selection';
import type { UseStoreReturn } from './use-store';

/** px between pictures, and of the line under each. */
const GAP = 10;
const FOOT = 24;

const props = defineProps<{
    label: string;
    store: UseStoreReturn;
    selection: UseSelectionReturn;
    /** px of a thumbnail. */
    size: number;
    /** Pictures that are in the gallery already. */
    inGallery?: ReadonlySet<string>;
}>();
const emit = defineEmits<{ open: [picture: StoredPicture]; key: [event: KeyboardEvent] }>();
const room = ref<HTMLElement>();
const standing = ref(0);
const { width } = useElementSize(room);
const columns = computed(() => Math.max(1, Math.floor((width.value + GAP) / (props.size + GAP))));
/** px of a thumbnail: as wished, and a little more so that a row fills the width. */
const cell = computed(() => Math.max(60, Math.floor((width.value - 1 - GAP * (columns.value - 1)) / columns.value)));
const virtualizer = useVirtualizer(
    computed(() => ({
        count: Math.ceil(props.store.total.value / columns.value),
        getScrollElement: () => room.value ?? null,
        estimateSize: () => cell.value + FOOT + GAP,
        overscan: 4,
    })),
);

watch(
    () => virtualizer.value.getVirtualItems(),
    (rows) => {
        const first = rows[0];
        const last = rows[rows.length - 1];
        if (first && last) void props.store.ensure(first.index * columns.value, (last.index + 1) * columns.value - 1);
    },
    { flush: 'post' },
);
watch(cell, () => virtualizer.value.measure());

const { box } = useDragBox({
    room,
    things: '.cell[data-item]',
    onBox: (ids, adds) => props.selection.set(adds ? [...props.selection.chosen.value, ...ids] : ids),
    onMiss: props.selection.none,
});

function cellsOf(row: number): { place: number; left: number; picture: StoredPicture | undefined }[] {
    const first = row * columns.value;
    const count = Math.min(columns.value, props.store.total.value - first);
    return Array.from({ length: Math.max(0, count) }, (_, column) => ({
        place: first + column,
        left: column * (cell.value + GAP),
        picture: props.store.at(first + column),
    }));
}

function nameOf(picture: StoredPicture): string {
    const uses = picture.uses === 0 ? 'not used' : `in ${picture.uses} ${picture.uses === 1 ? 'gallery' : 'galleries'}`;
    return [picture.title || picture.name, picture.kind === 'video' ? 'video' : '', uses, picture.described ? '' : 'no alt text']
        .filter((part) => part !== '')
        .join(', ');
}

function pick(picture: StoredPicture, place: number, keys: MouseEvent | KeyboardEvent): void {
    standing.value = place;
    props.selection.pick(picture.id, keys);
}

async function goTo(place: number): Promise<void> {
    standing.value = Math.max(0, Math.min(place, props.store.total.value - 1));
    virtualizer.value.scrollToIndex(Math.floor(standing.value / columns.value));
    await props.store.ensure(standing.value, standing.value);
    await nextTick();
    room.value?.querySelector<HTMLElement>(`[data-place="${standing.value}"]`)?.focus({ preventScroll: true });
}

async function onKey(event: KeyboardEvent, place: number): Promise<void> {
    const goal = placeAfter(event.key, place, props.store.total.value, columns.value);
    if (goal !== null) {
        event.preventDefault();
        await goTo(goal);
        const picture = props.store.at(standing.value);
        if (event.shiftKey && picture) props.selection.pick(picture.id, event);
        return;
    }
    const picture = props.store.at(place);
    if ((event.key === ' ' || event.key === 'Enter') && picture) {
        event.preventDefault();
        pick(picture, place, event.key === ' ' ? ({ ...keysOf(event), ctrlKey: true } as KeyboardEvent) : event);
    } else if (event.key.toLowerCase() === 'a' && (event.ctrlKey || event.metaKey)) {
        event.preventDefault();
        await props.store.ensure(0, props.store.total.value - 1);
        await nextTick();
        props.selection.all();
    } else if (event.key === 'Escape') {
        props.selection.none();
    } else {
        emit('key', event);
    }
}

function keysOf({ shiftKey, ctrlKey, metaKey }: KeyboardEvent): Pick<KeyboardEvent, 'shiftKey' | 'ctrlKey' | 'metaKey'> {
    return { shiftKey, ctrlKey, metaKey };
}
</script>

<style scoped>
.room {
    position: relative;
    height: 100%;
    min-height: 0;
    padding: 4px;
    overflow: auto;
}

/* On the mat, where other notes would be too pale. */
.room > .note {
    color: var(--z6);
}

.all {
    position: relative;
}

.cell {
    position: absolute;
    left: 0;
    top: 0;
    display: grid;
    grid-template-rows: minmax(0, 1fr) 24px;
    border: 1px solid var(--z3);
    border-radius: var(--corner);
    background: var(--z0);
    cursor: pointer;
    user-select: none;
}

.chosen {
    border-color: var(--verd);
    box-shadow: 0 0 0 2px var(--verd);
    background: var(--verd-tint);
}

.frame {
    position: relative;
    display: grid;
    place-items: center;
    margin: 4px 4px 0;
    min-height: 0;
    background: var(--z1);
    overflow: hidden;
}

.in .frame {
    opacity: 0.55;
}

img {
    width: 100%;
    height: 100%;
    min-height: 0;
    object-fit: contain;
}

.play {
    position: absolute;
    width: 28px;
    height: 28px;
    border-radius: 50%;
    background: rgb(16 20 23 / 0.7);
}

.play::before {
    content: '';
    position: absolute;
    inset: 0;
    margin: auto;
    width: 9px;
    height: 11px;
    translate: 1px;
    background: #fff;
    clip-path: polygon(0 0, 100% 50%, 0 100%);
}

.foot {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 6px;
    padding: 0 6px;
    font-size: 12px;
    min-width: 0;
}

.name {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}

.fallback,
.uses {
    color: var(--z5);
    white-space: nowrap;
}

.chosen :is(.fallback, .uses) {
    color: var(--z6);
}

.box {
    position: absolute;
    z-index: 5;
    border: 1px solid var(--verd);
    background: rgb(11 117 104 / 0.15);
    pointer-events: none;
}
</style>
