<template>
    <div class="albums">
        <h2>The gallery</h2>
        <SavedField
            label="Description"
            :rows="3"
            :longest="longest.gallery_description"
            :of="gallery.id"
            :model-value="gallery.about.description"
            @save="describe"
        />
        <fieldset>
            <legend>Above the pictures visitors see</legend>
            <ElCheckbox :model-value="gallery.about.shows_title" @change="show('shows_title', $event)">the title</ElCheckbox>
            <ElCheckbox :model-value="gallery.about.shows_description" @change="show('shows_description', $event)">the description</ElCheckbox>
        </fieldset>

        <h2>Albums</h2>
        <p v-if="list.length === 0" class="note">Sections of this gallery, such as “Morning” and “Evening”. Make one, then choose pictures and put them in.</p>
        <ol v-else>
            <li v-for="(album, index) in list" :key="album.id">
                <ElInput v-model="names[index]" :aria-label="`Name of album ${index + 1}`" :maxlength="longest.album" @change="rename(index)" />
                <span class="note">{{ countOf(album.id) }}</span>
                <ElButton :icon="ArrowUp" :disabled="index === 0" :aria-label="`${album.name} earlier`" @click="move(index, -1)" />
                <ElButton :icon="ArrowDown" :disabled="index === list.length - 1" :aria-label="`${album.name} later`" @click="move(index, 1)" />
                <ElButton :icon="Close" :aria-label="`Remove album ${album.name}; its pictures stay`" @click="remove(index)" />
            </li>
        </ol>
        <form @submit.prevent="make">
            <ElInput v-model="name" placeholder="Name of a new album" aria-label="Name of a new album" :maxlength="longest.album" />
            <ElButton native-type="submit" :disabled="name.trim() === ''">Make it</ElButton>
        </form>
        <SegmentChoice
            v-if="list.length > 0"
            label="Visitors see albums"
            :model-value="gallery.albums.view"
            :options="views"
            @update:model-value="set(list, $event)"
        />
        <p class="note more">Choose a picture to give it words, tidy it or move it.</p>
    </div>
</template>

<script setup lang="ts">
import { ArrowDown, ArrowUp, Close } from '@element-plus/icons-vue';
import { computed, ref, watch } from 'vue';
import { useVocabulary } from '../api/vocabulary';
import type { Album, Albums, Change, Gallery } from '../api/types';
import { TYPING } from '../outbox/use-outbox';
import SavedField from '../outbox/SavedField.vue';
import SegmentChoice from '../shared/SegmentChoice.vue';

const props = defineProps<{ gallery: Gallery }>();
const emit = defineEmits<{ change: [change: Change, pause?: number] }>();
const name = ref('');
const { longest, album_views: views } = useVocabulary();
const list = computed(() => props.gallery.albums.list);
/** As they are being typed. */
const names = ref<string[]>([]);

watch(list, (albums) => (names.value = albums.map(({ name: known }) => known)), { immediate: true });

function set(albums: Album[], view: Albums['view'] = props.gallery.albums.view): void {
    emit('change', { kind: 'albums', albums: { list: albums, view } });
}

function countOf(album: string): number {
    return props.gallery.items.filter((item) => item.album === album).length;
}

function describe(description: string): void {
    emit('change', { kind: 'about', about: { description } }, TYPING);
}

function show(what: 'shows_title' | 'shows_description', is: unknown): void {
    emit('change', { kind: 'about', about: { [what]: is === true } });
}

function make(): void {
    const id = `a${Date.now().toString(36)}${Math.floor(Math.random() * 1296).toString(36)}`;
    set([...list.value, { id, name: name.value.trim() }]);
    name.value = '';
}

function rename(index: number): void {
    const wanted = names.value[index]?.trim() ?? '';
    if (wanted === '') names.value[index] = list.value[index]?.name ?? '';
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

li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 28px repeat(3, 30px);
    align-items: center;
    gap: 4px;
    margin-bottom: 4px;
}

li .el-button {
    margin: 0;
    padding: 0;
}

li .note {
    text-align: right;
    padding-right: 4px;
}

form {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 6px;
}

.more {
    padding-top: 10px;
    border-top: 1px solid var(--z3);
}
</style>
