<template>
    <div class="albums">
        <h2>The gallery</h2>
        <SavedField label="Description" :rows="3" :longest="5000" :of="gallery.id" :model-value="gallery.about.description" @save="describe" />
        <fieldset>
            <legend>Above the pictures visitors see</legend>
            <label><input type="checkbox" :checked="gallery.about.shows_title" @change="show('shows_title', $event)" /> the title</label>
            <label><input type="checkbox" :checked="gallery.about.shows_description" @change="show('shows_description', $event)" /> the description</label>
        </fieldset>

        <h2>Albums</h2>
        <p v-if="list.length === 0" class="note">Sections of this gallery, such as “Morning” and “Evening”. Make one, then choose pictures and put them in.</p>
        <ol v-else>
            <li v-for="(album, index) in list" :key="album.id">
                <input :value="album.name" :aria-label="`Name of album ${index + 1}`" maxlength="80" @change="rename(index, $event)" />
                <span class="note">{{ countOf(album.id) }}</span>
                <button type="button" :disabled="index === 0" :aria-label="`${album.name} earlier`" @click="move(index, -1)">↑</button>
                <button type="button" :disabled="index === list.length - 1" :aria-label="`${album.name} later`" @click="move(index, 1)">↓</button>
                <button type="button" :aria-label="`Remove album ${album.name}; its pictures stay`" @click="remove(index)">×</button>
            </li>
        </ol>
        <form @submit.prevent="make">
            <input v-model="name" placeholder="Name of a new album" aria-label="Name of a new album" maxlength="80" />
            <button class="act" :disabled="name.trim() === ''">Make it</button>
        </form>
        <SegmentChoice
            v-if="list.length > 0"
            label="Visitors see albums"
            :model-value="gallery.albums.view"
            :options="VIEWS"
            @update:model-value="set(list, $event)"
        />
        <p class="note more">Choose a picture to give it words, tidy it or move it.</p>
    </div>
</template>

<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Album, Albums, Change, Gallery } from '../api/types';
import SavedField from '../shared/SavedField.vue';
import SegmentChoice from '../shared/SegmentChoice.vue';

const VIEWS = [
    { value: 'headings', label: 'As headings' },
    { value: 'tabs', label: 'As tabs' },
    { value: 'none', label: 'Not at all' },
] as const;

const props = defineProps<{ gallery: Gallery }>();
const emit = defineEmits<{ change: [change: Change] }>();
const name = ref('');
const list = computed(() => props.gallery.albums.list);

function set(albums: Album[], view: Albums['view'] = props.gallery.albums.view): void {
    emit('change', { kind: 'albums', albums: { list: albums, view } });
}

function countOf(album: string): number {
    return props.gallery.items.filter((item) => item.album === album).length;
}

function describe(description: string): void {
    emit('change', { kind: 'about', about: { description } });
}

function show(what: 'shows_title' | 'shows_description', event: Event): void {
    emit('change', { kind: 'about', about: { [what]: (event.target as HTMLInputElement).checked } });
}

function make(): void {
    const id = `a${Date.now().toString(36)}${Math.floor(Math.random() * 1296).toString(36)}`;
    set([...list.value, { id, name: name.value.trim() }]);
    name.value = '';
}

function rename(index: number, event: Event): void {
    const field = event.target as HTMLInputElement;
    const wanted = field.value.trim();
    if (wanted === '') field.value = list.value[index]?.name ?? '';
    else set(list.value.map((album, i) => (i === index ? { ...album, name: wanted } : album)));
}

function move(index: number, by: number): void {
    const albums = [...list.value];
    albums.splice(index + by, 0, ...albums.splice(index, 1));
    set(albums);
}

function remove(index: number): void {
    set(list.value.filter((_, i) => i !== index));
}
</script>

<style scoped>
.albums {
    display: grid;
    gap: 12px;
}

h2 + .field {
    margin-top: -4px;
}

fieldset {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 16px;
    margin: 0 0 8px;
    padding: 0;
    border: 0;
    font-size: 13px;
}

legend {
    padding: 0;
    color: var(--z6);
}

fieldset label {
    display: flex;
    align-items: center;
    gap: 6px;
    min-height: 28px;
}

input[type='checkbox'] {
    width: 16px;
    height: 16px;
    margin: 0;
    accent-color: var(--verd);
}

li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 28px 28px 28px 28px;
    align-items: center;
    gap: 4px;
    margin-bottom: 4px;
}

li .note {
    text-align: right;
    padding-right: 4px;
}

li button {
    height: 30px;
    padding: 0;
    border: 1px solid var(--z3);
    border-radius: var(--corner);
    background: var(--z0);
    color: var(--z7);
    cursor: pointer;
}

li button:disabled {
    color: var(--z4);
    cursor: default;
}

form {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 6px;
}

li input,
form input {
    height: 32px;
    min-width: 0;
    padding: 0 8px;
    border: 1px solid var(--z4);
    border-radius: var(--corner);
    background: var(--z0);
    font: 13px var(--type);
    color: var(--z7);
}

.more {
    padding-top: 10px;
    border-top: 1px solid var(--z3);
}
</style>
