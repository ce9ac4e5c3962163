<template>
    <div v-if="gallery" class="stage" @dragover="over" @drop="drop">
        <section ref="mat" class="mat" aria-label="Pictures in order">
            <div class="head">
                <FileButton label="Pictures to add" multiple :accept="accepted" @choose="uploads.add(id, $event)">Add files</FileButton>
                <ElButton :aria-expanded="adding" @click="adding = !adding">More ways…</ElButton>
                <span class="grow" />
                <OrderBar :by="order.by.value" :seed="order.seed.value" @look="order.look" @keep="order.keep" @leave="order.leave" />
            </div>
            <ProblemNote v-if="order.problem.value">{{ order.problem.value }}</ProblemNote>
            <NothingHere v-if="items.length === 0" class="empty">
                <p><b>No pictures yet.</b></p>
                <p>Drop files, folders or a ZIP here, paste a picture, or choose “Add files”.</p>
            </NothingHere>
            <VueDraggable
                v-else
                v-model="items"
                class="tiles"
                tag="ul"
                :animation="120"
                :disabled="order.by.value !== null"
                role="listbox"
                aria-label="Pictures"
                aria-multiselectable="true"
                @start="lift"
                @end="dropped"
            >
                <PictureTile
                    v-for="(item, index) in items"
                    :key="item.id"
                    :item="item"
                    :place="index + 1"
                    :chosen="chosen.has(item.id)"
                    :tabbable="item.id === (active ?? items[0]?.id)"
                    :album="albumOf(item)"
                    :going="lifted !== null && (item.id === lifted || (chosen.has(lifted) && chosen.has(item.id)))"
                    :count="lifted !== null && chosen.has(lifted) ? chosen.size : 1"
                    @choose="selection.pick(item.id, $event)"
                    @open="tidy(item)"
                    @key="onKey($event, index)"
                />
            </VueDraggable>
            <p v-if="items.length > 0" class="note hint">Drag, or Alt with the arrow keys, to move. Ctrl A chooses all, T tidies, H hides, Delete takes out.</p>
            <i v-if="box" class="box" :style="box" />
        </section>
        <ItemPanel :gallery="gallery" :items="chosenItems" :first="firstPlace" @change="change" @move="moveTo" @remove="takeOut" @tidy="tidy(chosenItems[0])" />
        <AddDrawer v-if="adding" :gallery="gallery" @close="adding = false" />
        <TidyEditor v-if="tidied" :key="tidied.id" :picture-id="tidied.id" :gallery="id" :others="otherChosen" @close="closeTidy" />
    </div>
</template>

<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';
import { useVocabulary } from '../api/vocabulary';
import type { Item } from '../api/types';
import { useGallery } from '../gallery/use-gallery';
import NothingHere from '../shared/NothingHere.vue';
import { announce } from '../shared/announce';
import FileButton from '../shared/FileButton.vue';
import ProblemNote from '../shared/ProblemNote.vue';
import { columnsOf, placeAfter } from '../shared/roving';
import { useDragBox } from '../shared/use-drag-box';
import { useSelection } from '../shared/use-selection';
import TidyEditor from '../tidy/TidyEditor.vue';
import AddDrawer from './AddDrawer.vue';
import ItemPanel from './ItemPanel.vue';
import OrderBar from './OrderBar.vue';
import PictureTile from './PictureTile.vue';
import { useArrivingFiles } from './use-arriving-files';
import { useOrder } from './use-order';
import { useUploads } from './use-uploads';

const props = defineProps<{ id: string }>();
const shared = useGallery(() => props.id);
const { gallery, change } = shared;
const order = useOrder(() => props.id, shared);
const uploads = useUploads();
const accepted = useVocabulary().files.join(',');
const mat = ref<HTMLElement>();
const items = ref<Item[]>([]);
const adding = ref(false);
const lifted = ref<string | null>(null);
const tidiedItem = ref<string | null>(null);

watch([() => gallery.value?.items, order.preview], ([fresh, preview]) => (items.value = [...(preview ?? fresh ?? [])]), { immediate: true });

const selection = useSelection(() => items.value.map(({ id }) => id));
const { chosen, active } = selection;
const chosenItems = computed(() => items.value.filter((item) => chosen.value.has(item.id)));
const firstPlace = computed(() => items.value.findIndex((item) => chosen.value.has(item.id)));
const tidied = computed(() => items.value.find((item) => item.id === tidiedItem.value)?.picture ?? null);
const otherChosen = computed(() =>
    chosenItems.value.flatMap(({ kind, picture }) => (kind === 'picture' && picture && picture.id !== tidied.value?.id ? picture.id : [])),
);

const { box } = useDragBox({
    room: mat,
    things: '.tile',
    onBox: (ids, adds) => selection.set(adds ? [...chosen.value, ...ids] : ids),
    onMiss: selection.none,
});

const { over, drop } = useArrivingFiles((files) => uploads.add(props.id, files));

function albumOf(item: Item): string | null {
    return gallery.value?.albums.list.find(({ id }) => id === item.album)?.name ?? null;
}

function tidy(item: Item | undefined): void {
    if (item?.kind === 'picture') tidiedItem.value = item.id;
}

function lift({ oldIndex }: { oldIndex?: number }): void {
    lifted.value = items.value[oldIndex ?? -1]?.id ?? null;
}

/** What is dragged takes along what is chosen with it. */
function dropped({ newIndex, oldIndex }: { oldIndex?: number; newIndex?: number }): void {
    const id = lifted.value;
    lifted.value = null;
    if (id === null || newIndex === undefined || oldIndex === newIndex) return;
    const moved = chosen.value.has(id) ? selection.list.value : [id];
    const before = items.value.slice(newIndex + 1).find((item) => !moved.includes(item.id));
    void change({ kind: 'move', items: moved, before: before?.id ?? null });
}

/** @param place that the first of the chosen is to have, from 0 */
async function moveTo(place: number): Promise<void> {
    const ids = selection.list.value;
    const others = items.value.filter((item) => !chosen.value.has(item.id));
    const to = Math.max(0, Math.min(place, others.length));
    await change({ kind: 'move', items: ids, before: others[to]?.id ?? null });
    announce(`${ids.length === 1 ? 'Picture' : `${ids.length} pictures`} moved to position ${to + 1} of ${items.value.length}.`);
}

async function takeOut(): Promise<void> {
    const ids = selection.list.value;
    const first = firstPlace.value;
    await change({ kind: 'remove', items: ids });
    announce(ids.length === 1 ? 'Picture taken out; it stays in the store.' : `${ids.length} pictures taken out; they stay in the store.`);
    await focusOn(Math.min(first, items.value.length - 1));
}

async function hide(): Promise<void> {
    const hidden = chosenItems.value.some((item) => !item.hidden);
    await change({ kind: 'hide', items: selection.list.value, hidden });
    announce(hidden ? 'Hidden from visitors.' : 'Shown again.');
}

async function focusOn(index: number): Promise<void> {
    const item = items.value[index];
    if (!item) return;
    active.value = item.id;
    await nextTick();
    mat.value?.querySelector<HTMLElement>(`[data-item="${item.id}"]`)?.focus();
}

/** Back to the tile that was tidied. */
async function closeTidy(): Promise<void> {
    const at = items.value.findIndex(({ id }) => id === tidiedItem.value);
    tidiedItem.value = null;
    await nextTick();
    await focusOn(at);
}

async function onKey(event: KeyboardEvent, index: number): Promise<void> {
    const tiles = [...(mat.value?.querySelectorAll<HTMLElement>('.tile') ?? [])];
    const goal = placeAfter(event.key, index, items.value.length, columnsOf(tiles));
    const id = items.value[index]?.id ?? '';
    const letter = event.key.toLowerCase();
    if (goal !== null) {
        event.preventDefault();
        await (event.altKey ? step(event.key, goal - index, id) : walk(event, goal));
    } else if (event.key === ' ' || event.key === 'Enter') {
        event.preventDefault();
        selection.pick(id, event);
    } else if (letter === 'a' && (event.ctrlKey || event.metaKey)) {
        event.preventDefault();
        selection.all();
    } else if (letter === 't') {
        tidy(items.value[index]);
    } else if (chosen.value.size > 0 && event.key === 'Delete') {
        await takeOut();
    } else if (chosen.value.size > 0 && letter === 'h') {
        await hide();
    } else if (event.key === 'Escape') {
        selection.none();
    }
}

async function step(key: string, by: number, id: string): Promise<void> {
    if (!chosen.value.has(id)) selection.set([id]);
    await moveTo(key === 'Home' ? 0 : key === 'End' ? items.value.length : firstPlace.value + by);
    await focusOn(items.value.findIndex((item) => item.id === id));
}

/** To another tile; with Shift the stretch from where one stood is chosen. */
async function walk(event: KeyboardEvent, goal: number): Promise<void> {
    const to = Math.max(0, Math.min(goal, items.value.length - 1));
    const anchor = active.value;
    await focusOn(to);
    const id = items.value[to]?.id;
    if (event.shiftKey && anchor !== undefined && id !== undefined) {
        active.value = anchor;
        selection.pick(id, event);
        mat.value?.querySelector<HTMLElement>(`[data-item="${id}"]`)?.focus();
    }
}
</script>

<style scoped>
.stage {
    position: relative;
    display: grid;
    grid-template-columns: minmax(0, 1fr) 336px;
    height: 100%;
}

.mat {
    position: relative;
    padding: 12px 18px 90px;
    overflow: auto;
    background: var(--mat);
}

.head {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px;
    margin-bottom: 12px;
}

.grow {
    flex: 1;
}

.hint {
    margin-top: 14px;
    color: var(--z6);
}

.tiles {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(164px, 1fr));
    gap: 12px;
}

.empty {
    min-height: 50vh;
    border: 2px dashed var(--z4);
    border-radius: var(--corner);
}

.box {
    position: absolute;
    z-index: 5;
    border: 1px solid var(--verd);
    background: rgb(11 117 104 / 0.15);
    pointer-events: none;
}

@media (width < 1180px) {
    .stage {
        grid-template-columns: minmax(0, 1fr) 300px;
    }
}

/* One below the other: the screen scrolls. */
@media (width < 900px) {
    .stage {
        grid-template-columns: minmax(0, 1fr);
        height: auto;
    }

    .mat {
        padding-bottom: 18px;
    }

    .tiles {
        grid-template-columns: repeat(auto-fill, minmax(132px, 1fr));
    }
}
</style>
