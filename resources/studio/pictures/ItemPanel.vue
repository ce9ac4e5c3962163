<template>
    <aside class="panel" aria-label="What is chosen">
        <template v-if="only">
            <h2>{{ only.words.title || only.picture?.name || 'Text' }}</h2>
            <p v-if="only.picture" class="note">{{ only.picture.name }} · {{ only.picture.width }} x {{ only.picture.height }} px</p>
            <ElButton v-if="only.kind === 'picture'" @click="emit('tidy')">Tidy the picture</ElButton>
            <VideoPoster v-if="only.kind === 'video' && only.picture" :key="only.picture.id" :picture-id="only.picture.id" />
            <TextBody
                v-if="only.kind === 'text'"
                :key="only.id"
                :html="only.text ?? ''"
                @save="emit('change', { kind: 'text', item: only.id, text: $event }, TYPING)"
            />
            <SavedField
                v-for="field in shownFields"
                :key="field.key"
                :label="field.label"
                :model-value="only.words[field.key]"
                :of="only.id"
                :rows="field.rows"
                :longest="field.longest"
                :note="whose(field.key)"
                :hints="field.key === 'alt' ? altHints : []"
                :bad="only.flaws.length > 0"
                @save="(text, item) => emit('change', { kind: 'words', words: { [item]: { [field.key]: text } } }, TYPING)"
            />
            <ElCheckbox v-if="only.picture" :model-value="only.words.decorative" @change="decorate">
                decorative: nothing is lost to those who cannot see it
                <em v-if="whose('decorative')">{{ whose('decorative') }}</em>
            </ElCheckbox>
            <ElButton v-if="own.length > 0" @click="backToOwn">Back to the picture’s own words</ElButton>
        </template>
        <template v-else-if="filling">
            <FillPanel :gallery="gallery" :items="ids" @apply="(fill, items) => emit('fill', fill, items)" @close="filling = false" />
        </template>
        <template v-else-if="items.length > 1">
            <h2>{{ items.length }} chosen</h2>
            <div class="pair">
                <ElButton :disabled="!hasPictures" @click="emit('tidy')">Tidy…</ElButton>
                <ElButton @click="filling = true">Words…</ElButton>
            </div>
        </template>
        <AlbumsPanel v-else :gallery="gallery" @change="(change, pause) => emit('change', change, pause)" />
        <div v-if="items.length > 0 && !filling" class="moves">
            <div v-if="gallery.albums.list.length > 0" class="line">
                <span>Album</span>
                <ElSelect :model-value="albumNow" :empty-values="[null]" :value-on-clear="null" aria-label="Album" @change="assign">
                    <ElOption v-if="albumNow === 'several'" value="several" label="several" disabled />
                    <ElOption value="" label="none" />
                    <ElOption v-for="album in gallery.albums.list" :key="album.id" :value="album.id" :label="album.name" />
                </ElSelect>
            </div>
            <h3>Order</h3>
            <div class="row">
                <ElButton :disabled="first === 0" @click="emit('move', 0)">To start</ElButton>
                <ElButton :disabled="first === 0" @click="emit('move', first - 1)">Earlier</ElButton>
                <ElButton :disabled="isAtEnd" @click="emit('move', first + 1)">Later</ElButton>
                <ElButton :disabled="isAtEnd" @click="emit('move', gallery.items.length)">To end</ElButton>
            </div>
            <div class="line">
                <span>To position</span>
                <ElInputNumber :model-value="first + 1" :min="1" :max="gallery.items.length" :precision="0" aria-label="To position" @change="toPosition" />
            </div>
            <ElButton
                v-if="layouts[gallery.design.layout.kind].makes_large"
                :aria-pressed="isLarge"
                @click="emit('change', { kind: 'large', items: ids, large: !isLarge })"
            >
                {{ isLarge ? 'Ordinary size in the mosaic' : 'Large in the mosaic' }}
            </ElButton>
            <ElButton @click="emit('change', { kind: 'hide', items: ids, hidden: !isHidden })">
                {{ isHidden ? 'Show again' : 'Hide from visitors' }}
            </ElButton>
            <ElButton type="danger" plain @click="emit('remove')">Take out of the gallery</ElButton>
        </div>
    </aside>
</template>

<script setup lang="ts">
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import { flawOf, useVocabulary } from '../api/vocabulary';
import type { Change, FillSettings, Gallery, Item, WordField, WordKey } from '../api/types';
import { TYPING } from '../outbox/use-outbox';
import SavedField from '../outbox/SavedField.vue';
import FillPanel from '../words/FillPanel.vue';
import AlbumsPanel from './AlbumsPanel.vue';
import VideoPoster from './VideoPoster.vue';

/** The editor of texts is large, and seldom needed. */
const TextBody = defineAsyncComponent(() => import('./TextBody.vue'));

/** Lines that a word is given, where it is more than one. */
const LINES: Partial<Record<WordField, number>> = { caption: 2, alt: 3, description: 3 };

const props = defineProps<{ gallery: Gallery; items: Item[]; first: number }>();
/** A place counts from 0. */
const emit = defineEmits<{
    change: [change: Change, pause?: number];
    move: [place: number];
    remove: [];
    tidy: [];
    fill: [fill: FillSettings, items: string[]];
}>();

const { layouts, words } = useVocabulary();
const fields = words.map(({ field, label, longest }) => ({ key: field, label, longest, rows: LINES[field] ?? 1 }));
const filling = ref(false);
const only = computed(() => (props.items.length === 1 ? props.items[0] : undefined));
const ids = computed(() => props.items.map(({ id }) => id));
const shownFields = computed(() => (only.value?.kind === 'text' ? fields.filter(({ key }) => key === 'title') : fields));
const hasPictures = computed(() => props.items.some(({ kind }) => kind === 'picture'));
const isAtEnd = computed(() => props.first + props.items.length >= props.gallery.items.length);
const isHidden = computed(() => props.items.every((item) => item.hidden));
const own = computed<WordKey[]>(() => (only.value?.picture ? [...only.value.exceptions] : []));
const altHints = computed(() => {
    const flaws = only.value?.flaws.map((code) => flawOf(code).advice) ?? [];
    return flaws.length > 0 ? flaws : ['What is to be seen, for those who cannot see it.'];
});
const albumNow = computed(() => {
    const albums = new Set(props.items.map(({ album }) => album ?? ''));
    return albums.size === 1 ? [...albums][0] : 'several';
});

const isLarge = computed(() => props.items.every((item) => item.large));

/** Whose word it is: this gallery's own, or the picture's, which every gallery shows. */
function whose(key: WordKey): string {
    if (!only.value?.picture) return '';
    if (only.value.exceptions.includes(key)) return 'only in this gallery';
    return only.value.picture.words[key] ? 'the picture’s own' : '';
}

function decorate(is: unknown): void {
    if (only.value) emit('change', { kind: 'words', words: { [only.value.id]: { decorative: is === true } } });
}

watch(
    () => ids.value.join(),
    () => (filling.value = filling.value && props.items.length > 1),
);

function assign(chosen: string): void {
    const album = chosen || null;
    emit('change', { kind: 'albums', of: Object.fromEntries(ids.value.map((id) => [id, album])) });
}

function toPosition(place: number | null | undefined): void {
    if (typeof place === 'number' && place >= 1 && place !== props.first + 1) emit('move', place - 1);
}

function backToOwn(): void {
    if (only.value) emit('change', { kind: 'words', words: { [only.value.id]: Object.fromEntries(own.value.map((key) => [key, null])) } });
}
</script>

<style scoped>
.panel {
    display: flex;
    flex-direction: column;
    gap: 12px;
    padding: 14px 16px;
    border-left: 2px solid var(--z4);
    background: var(--z0);
    overflow: auto;
}

h2 {
    overflow-wrap: anywhere;
}

.moves {
    display: grid;
    gap: 8px;
    padding-top: 12px;
    border-top: 1px solid var(--z3);
}

.row {
    display: grid;
    grid-template-columns: repeat(4, 1fr);
    gap: 6px;
}

.pair {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 8px;
}

.pair .el-button {
    margin: 0;
}

em {
    color: var(--z5);
    font-style: normal;
}

.el-checkbox {
    height: auto;
    white-space: normal;
}

.moves .el-button {
    margin: 0;
}

.row .el-button {
    padding: 0;
}

.line {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 12px;
    font-size: 13px;
    color: var(--z6);
}

.line .el-select,
.line .el-input-number {
    width: 190px;
}

@media (width < 900px) {
    .panel {
        border-top: 2px solid var(--z4);
        border-left: 0;
    }
}
</style>
