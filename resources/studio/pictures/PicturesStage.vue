<template>
    <div v-if="gallery" class="stage" @dragover="over" @drop="drop">
        <section ref="mat" class="mat" aria-label="Pictures in order">
            <div class="head">
                <FileButton label="Pictures to add" multiple :accept="accepted" @choose="uploads.add(id, $event)">Add files</FileButton>
                <ElButton :aria-expanded="adding" @click="adding = !adding">Add from elsewhere</ElButton>
                <ElButton :aria-pressed="several" @click="several = !several">Choose several</ElButton>
                <span class="grow" />
                <ElInput v-model="wanted" class="search" type="search" clearable placeholder="Find" aria-label="Find in this gallery" />
                <label class="size">
                    <span>Size</span>
                    <ElSlider v-model="size" :min="SIZES[0]" :max="SIZES[1]" :step="4" :show-tooltip="false" aria-label="Size of the thumbnails" />
                </label>
                <OrderBar :by="order.by.value" :seed="order.seed.value" @look="order.look" @keep="order.keep" @leave="order.leave" />
            </div>
            <ProblemNote v-if="order.problem.value">{{ order.problem.value }}</ProblemNote>
            <NothingHere v-if="wanted !== '' && items.length === 0">No picture of this gallery has “{{ wanted }}” among its words.</NothingHere>
            <NothingHere v-else-if="items.length === 0" class="empty">
                <p><b>No pictures yet.</b></p>
                <p>Drop files, folders or a ZIP here, paste a picture, or choose “Add files”.</p>
            </NothingHere>
            <VueDraggable
                v-else
                v-model="items"
                class="tiles"
                tag="ul"
                :animation="120"
                :delay="HOLD"
                :delay-on-touch-only="true"
                :touch-start-threshold="6"
                :disabled="order.by.value !== null || wanted !== ''"
                :style="{ '--size': `${size}px` }"
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
                    :place="placeOf(item.id)"
                    :chosen="chosen.has(item.id)"
                    :tabbable="item.id === (active ?? items[0]?.id)"
                    :album="albumOf(item)"
                    :going="lifted !== null && (item.id === lifted || (chosen.has(lifted) && chosen.has(item.id)))"
                    :count="lifted !== null && chosen.has(lifted) ? chosen.size : 1"
                    @choose="choose(item.id, $event)"
                    @open="tidy(item)"
                    @key="onKey($event, index)"
                />
            </VueDraggable>
            <p v-if="items.length > 0" class="note hint">Drag to move, or with a finger hold first. What keys do stands on the sheet that opens on “?”.</p>
            <i v-if="box" class="box" :style="box" />
        </section>
        <ItemPanel
            :gallery="gallery"
            :items="chosenItems"
            :first="firstPlace"
            @change="change"
            @move="moveTo"
            @remove="takeOut"
            @tidy="tidy(firstPicture)"
            @fill="fill"
        />
        <AddDrawer v-if="adding" :gallery="gallery" @close="adding = false" />
        <TidyEditor
            v-if="tidied"
            :key="tidied.id"
            :picture-id="tidied.id"
            :gallery="id"
            :others="otherChosen"
            :chosen="chosenPictures"
            @go="tidy(items.find(({ picture }) => picture?.id === $event))"
            @close="closeTidy"
        />
    </div>
</template>

<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core';
import { computed, nextTick, ref } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';
import { useVocabulary } from '../api/vocabulary';
import type { FillSettings, Item } from '../api/types';
import { useGallery } from '../gallery-state/use-gallery';
import NothingHere from '../shared/NothingHere.vue';
import { announce } from '../shared/announce';
import FileButton from '../shared/FileButton.vue';
import ProblemNote from '../shared/ProblemNote.vue';
import { useDragBox } from '../shared/use-drag-box';
import { useSelection } from '../shared/use-selection';
import { chosenOf } from '../tidy/chosen';
import TidyEditor from '../tidy/TidyEditor.vue';
import AddDrawer from './AddDrawer.vue';
import ItemPanel from './ItemPanel.vue';
import OrderBar from './OrderBar.vue';
import PictureTile from './PictureTile.vue';
import { useArrivingFiles } from './use-arriving-files';
import { useOrder } from './use-order';
import { usePictureKeys } from './use-picture-keys';
import { useShownItems } from './use-shown-items';
import { useUploads } from '../uploads/use-uploads';

/** px of width of a thumbnail: least, most, and at first. */
const SIZES = [92, 320, 164] as const;

/** ms that a finger rests on a picture until it is lifted: before, it scrolls. */
const HOLD = 350;

const props = defineProps<{ id: string }>();
const shared = useGallery(() => props.id);
const { gallery, change, act } = shared;
const order = useOrder(() => props.id, shared);
const uploads = useUploads();
const accepted = useVocabulary().files.join(',');
const mat = ref<HTMLElement>();
const adding = ref(false);
const lifted = ref<string | null>(null);
const tidiedItem = ref<string | null>(null);

const { all, items, wanted, placeOf } = useShownItems(() => gallery.value?.items, order.preview);
/** A tap adds to what is chosen, as Ctrl does. */
const several = ref(false);
const size = useLocalStorage('zinc-thumbnails', SIZES[2]);

const selection = useSelection(() => items.value.map(({ id }) => id));
const { chosen, active } = selection;
const chosenItems = computed(() => items.value.filter((item) => chosen.value.has(item.id)));
const firstPlace = computed(() => all.value.findIndex((item) => chosen.value.has(item.id)));
const firstPicture = computed(() => chosenItems.value.find(({ kind }) => kind === 'picture'));
const tidied = computed(() => items.value.find((item) => item.id === tidiedItem.value)?.picture ?? null);
const chosenPictures = computed(() => chosenItems.value.flatMap(chosenOf));
const otherChosen = computed(() => chosenPictures.value.flatMap(({ id: picture }) => (picture !== tidied.value?.id ? picture : [])));

const { box } = useDragBox({
    room: mat,
    things: '.tile',
    onBox: (ids, adds) => selection.set(adds ? [...chosen.value, ...ids] : ids),
    onMiss: selection.none,
});

const { onKey, focusOn } = usePictureKeys({
    mat,
    items,
    all,
    selection,
    firstPlace,
    acts: { tidy, hide, takeOut: () => void takeOut(), moveTo },
});
const { over, drop } = useArrivingFiles((files) => uploads.add(props.id, files));

function albumOf(item: Item): string | null {
    return gallery.value?.albums.list.find(({ id }) => id === item.album)?.name ?? null;
}

function tidy(item: Item | undefined): void {
    if (item?.kind === 'picture') tidiedItem.value = item.id;
}

function choose(id: string, event: MouseEvent): void {
    selection.pick(id, several.value && !event.shiftKey ? { shiftKey: false, ctrlKey: true, metaKey: false } : event);
}

async function fill(settings: FillSettings, ids: string[]): Promise<void> {
    if (await act('/fill', { fill: settings, items: ids })) announce('Filled. One undo takes it back.');
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
function moveTo(place: number): void {
    const ids = selection.list.value;
    const others = all.value.filter((item) => !chosen.value.has(item.id));
    const to = Math.max(0, Math.min(place, others.length));
    void change({ kind: 'move', items: ids, before: others[to]?.id ?? null });
    announce(`${ids.length === 1 ? 'Picture' : `${ids.length} pictures`} moved to position ${to + 1} of ${all.value.length}.`);
}

async function takeOut(): Promise<void> {
    const ids = selection.list.value;
    const first = items.value.findIndex((item) => chosen.value.has(item.id));
    void change({ kind: 'remove', items: ids });
    await nextTick();
    announce(ids.length === 1 ? 'Picture taken out; it stays in the store.' : `${ids.length} pictures taken out; they stay in the store.`);
    await focusOn(Math.min(first, items.value.length - 1));
}

function hide(): void {
    const hidden = chosenItems.value.some((item) => !item.hidden);
    void change({ kind: 'hide', items: selection.list.value, hidden });
    announce(hidden ? 'Hidden from visitors.' : 'Shown again.');
}

/** Back to the tile that was tidied. */
async function closeTidy(): Promise<void> {
    const at = items.value.findIndex(({ id }) => id === tidiedItem.value);
    tidiedItem.value = null;
    await nextTick();
    await focusOn(at);
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
    padding: 12px 18px 24px;
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

.search {
    width: 150px;
}

.size {
    display: flex;
    align-items: center;
    gap: 12px;
    width: 118px;
    margin-inline-end: 8px;
    color: var(--z7);
    font-size: 13px;
}

.hint {
    margin-top: 14px;
    color: var(--z6);
}

.tiles {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(var(--size), 100%), 1fr));
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
}
</style>
