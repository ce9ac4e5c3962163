<template>
    <div v-if="gallery" class="stage" @dragover="over" @drop="drop">
        <section class="mat" aria-label="Pictures in order">
            <div class="head">
                <p class="note">Drag to change the order, or Alt with the arrow keys. Ctrl A chooses all, Delete takes out.</p>
                <button class="act" type="button" @click="input?.click()">Add pictures</button>
                <input ref="input" class="unseen" type="file" multiple :accept="ACCEPTED" aria-label="Pictures to add" tabindex="-1" @change="choose" />
            </div>
            <div v-if="items.length === 0" class="empty">
                <p><b>No pictures yet.</b></p>
                <p>Drop them here, or choose “Add pictures”.</p>
            </div>
            <VueDraggable
                v-else
                v-model="items"
                class="tiles"
                tag="ul"
                :animation="120"
                role="listbox"
                aria-label="Pictures"
                aria-multiselectable="true"
                @end="dragged"
            >
                <PictureTile
                    v-for="(item, index) in items"
                    :key="item.id"
                    :item="item"
                    :place="index + 1"
                    :chosen="chosen.has(item.id)"
                    :tabbable="item.id === (active ?? items[0]?.id)"
                    @choose="pick(item.id, $event)"
                    @key="onKey($event, index)"
                />
            </VueDraggable>
        </section>
        <WordsPanel :items="chosenItems" :count="items.length" :places="chosenPlaces" @words="reword" @move="moveTo" @remove="takeOut" />
    </div>
</template>

<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';
import type { Item, Words } from '../api/types';
import { useGallery } from '../bench/use-gallery';
import { announce } from '../shared/announce';
import PictureTile from './PictureTile.vue';
import { ACCEPTED, useUploads } from './use-uploads';
import WordsPanel from './WordsPanel.vue';

const props = defineProps<{ id: string }>();
const { gallery, change } = useGallery(() => props.id);
const uploads = useUploads();
const input = ref<HTMLInputElement>();
const items = ref<Item[]>([]);
const chosen = ref(new Set<string>());
const active = ref<string>();

watch(
    () => gallery.value?.items,
    (fresh) => {
        items.value = [...(fresh ?? [])];
        const there = new Set(items.value.map((item) => item.id));
        chosen.value = new Set([...chosen.value].filter((id) => there.has(id)));
        if (active.value !== undefined && !there.has(active.value)) active.value = undefined;
    },
    { immediate: true },
);

const chosenItems = computed(() => items.value.filter((item) => chosen.value.has(item.id)));
const chosenPlaces = computed(() => items.value.flatMap((item, index) => (chosen.value.has(item.id) ? [index] : [])));

function over(event: DragEvent): void {
    if (event.dataTransfer?.types.includes('Files')) event.preventDefault();
}

function drop(event: DragEvent): void {
    const files = [...(event.dataTransfer?.files ?? [])];
    if (files.length === 0) return;
    event.preventDefault();
    uploads.add(props.id, files);
}

function choose(event: Event): void {
    uploads.add(props.id, [...((event.target as HTMLInputElement).files ?? [])]);
}

function pick(id: string, event: MouseEvent | KeyboardEvent): void {
    if (event.shiftKey && active.value !== undefined) {
        const [a, b] = [active.value, id].map((wanted) => items.value.findIndex((item) => item.id === wanted)).sort((x, y) => x - y);
        chosen.value = new Set(items.value.slice(a, (b ?? 0) + 1).map((item) => item.id));
        return;
    }
    if (event.ctrlKey || event.metaKey) {
        const next = new Set(chosen.value);
        if (!next.delete(id)) next.add(id);
        chosen.value = next;
    } else {
        chosen.value = new Set([id]);
    }
    active.value = id;
}

function dragged({ oldIndex, newIndex }: { oldIndex?: number; newIndex?: number }): void {
    const item = newIndex === undefined ? undefined : items.value[newIndex];
    if (!item || newIndex === undefined || oldIndex === newIndex) return;
    void change({ kind: 'move', items: [item.id], before: items.value[newIndex + 1]?.id ?? null });
}

/** @param place that the first of the chosen is to have, from 0 */
async function moveTo(place: number): Promise<void> {
    const ids = chosenItems.value.map((item) => item.id);
    const others = items.value.filter((item) => !chosen.value.has(item.id));
    const to = Math.max(0, Math.min(place, others.length));
    await change({ kind: 'move', items: ids, before: others[to]?.id ?? null });
    announce(`${ids.length === 1 ? 'Picture' : `${ids.length} pictures`} moved to position ${to + 1} of ${items.value.length}.`);
}

async function takeOut(): Promise<void> {
    const ids = chosenItems.value.map((item) => item.id);
    const [first] = chosenPlaces.value;
    await change({ kind: 'remove', items: ids });
    announce(ids.length === 1 ? 'Picture taken out; it stays in the store.' : `${ids.length} pictures taken out; they stay in the store.`);
    await focusOn(Math.min(first ?? 0, items.value.length - 1));
}

function reword(item: string, words: Partial<Words>): void {
    void change({ kind: 'words', item, words });
}

async function focusOn(index: number): Promise<void> {
    const item = items.value[index];
    if (!item) return;
    active.value = item.id;
    await nextTick();
    document.querySelector<HTMLElement>(`[data-item="${item.id}"]`)?.focus();
}

async function onKey(event: KeyboardEvent, index: number): Promise<void> {
    const last = items.value.length - 1;
    const goal = { ArrowLeft: index - 1, ArrowUp: index - 1, ArrowRight: index + 1, ArrowDown: index + 1, Home: 0, End: last }[event.key];
    const id = items.value[index]?.id ?? '';
    if (goal !== undefined) {
        event.preventDefault();
        if (event.altKey) {
            if (!chosen.value.has(id)) chosen.value = new Set([id]);
            const [first] = chosenPlaces.value;
            await moveTo(event.key === 'Home' ? 0 : event.key === 'End' ? last : (first ?? 0) + (goal < index ? -1 : 1));
            await focusOn(items.value.findIndex((item) => item.id === id));
        } else {
            await focusOn(Math.max(0, Math.min(goal, last)));
        }
    } else if (event.key === ' ' || event.key === 'Enter') {
        event.preventDefault();
        pick(id, event);
    } else if (event.key === 'Delete' && chosen.value.size > 0) {
        await takeOut();
    } else if (event.key === 'a' && (event.ctrlKey || event.metaKey)) {
        event.preventDefault();
        chosen.value = new Set(items.value.map((item) => item.id));
    }
}
</script>

<style scoped>
.stage {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 336px;
    height: 100%;
}

.mat {
    padding: 14px 18px 90px;
    overflow: auto;
    background: var(--mat);
}

.head {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 12px;
    margin-bottom: 12px;
}

.head .note {
    color: var(--z6);
}

.tiles {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(164px, 1fr));
    gap: 12px;
}

.empty {
    display: grid;
    place-content: center;
    min-height: 50vh;
    border: 2px dashed var(--z4);
    border-radius: var(--corner);
    text-align: center;
}
</style>
