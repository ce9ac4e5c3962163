<template>
    <aside class="panel" aria-label="What is chosen">
        <template v-if="picture && ids.length === 1">
            <h2>{{ picture.words.title || picture.name }}</h2>
            <img v-if="picture.thumbnail" :src="picture.thumbnail" alt="" />
            <video v-else-if="picture.file" :src="picture.file" controls muted preload="metadata" :aria-label="`Video ${picture.name}`" />
            <p class="note">{{ facts }}</p>
            <button v-if="picture.kind === 'picture' && !inBin" class="act" type="button" @click="emit('tidy', picture.id)">Tidy the picture</button>
            <template v-if="!inBin">
                <h3>Its own words</h3>
                <SavedField
                    v-for="field in FIELDS"
                    :key="field.key"
                    :label="field.label"
                    :model-value="picture.words[field.key]"
                    :of="picture.id"
                    :rows="field.rows"
                    :longest="field.longest"
                    @save="(text, id) => save(id, { words: { [field.key]: text } })"
                />
                <SavedField
                    label="Keywords, with commas between"
                    :model-value="picture.keywords"
                    :of="picture.id"
                    :longest="2000"
                    @save="(text, id) => save(id, { keywords: text })"
                />
                <label class="tick">
                    <input type="checkbox" :checked="picture.words.decorative" @change="decorate" /> decorative: nothing is lost to those who cannot see it
                </label>
            </template>
            <div v-if="uses" class="uses">
                <h3>Where it is used</h3>
                <p v-if="uses.galleries.length === 0" class="note">Nowhere.</p>
                <ul v-else>
                    <li v-for="gallery in uses.galleries" :key="gallery.id">
                        <RouterLink :to="{ name: 'pictures', params: { id: gallery.id } }">{{ gallery.title }}</RouterLink>
                    </li>
                </ul>
            </div>
        </template>
        <h2 v-else-if="ids.length > 1">{{ ids.length }} chosen</h2>
        <template v-else>
            <h2>{{ inBin ? 'The bin' : 'Nothing chosen' }}</h2>
            <p class="note">
                {{
                    inBin
                        ? 'Pictures wait here until they are deleted for good or put back.'
                        : 'Choose a picture to see its words and where it is used. Shift, Ctrl and a box drawn beside the pictures choose several.'
                }}
            </p>
        </template>
        <div v-if="ids.length > 0" class="acts">
            <template v-if="inBin">
                <button class="act" type="button" @click="emit('restore')">Put back</button>
                <button v-if="!sure" class="act rust" type="button" @click="sure = true">Delete for good…</button>
                <button v-else class="act rust" type="button" @click="emit('delete')">
                    Yes, delete {{ ids.length === 1 ? 'it' : `all ${ids.length}` }}; there is no way back
                </button>
            </template>
            <button v-else class="act rust" type="button" @click="emit('bin')">Put into the bin</button>
        </div>
        <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
    </aside>
</template>

<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query';
import { computed, ref, watch } from 'vue';
import { api, messageOf } from '../api/client';
import { pictureQuery, usesQuery } from '../api/queries';
import type { PictureDetails } from '../api/types';
import ProblemNote from '../shared/ProblemNote.vue';
import SavedField from '../shared/SavedField.vue';

const FIELDS = [
    { key: 'title', label: 'Title', rows: 1, longest: 200 },
    { key: 'caption', label: 'Caption', rows: 2, longest: 1000 },
    { key: 'alt', label: 'Alt text', rows: 3, longest: 1000 },
    { key: 'credit', label: 'Credit', rows: 1, longest: 300 },
] as const;

const props = defineProps<{ ids: string[]; inBin: boolean }>();
const emit = defineEmits<{ tidy: [picture: string]; bin: []; restore: []; delete: [] }>();
const queries = useQueryClient();
const sure = ref(false);
const problem = ref('');
const only = computed(() => props.ids[0] ?? '');
const isOne = computed(() => props.ids.length === 1);
const { data: picture } = useQuery(computed(() => ({ ...pictureQuery(only.value), enabled: isOne.value })));
const { data: uses } = useQuery(computed(() => ({ ...usesQuery(only.value), enabled: isOne.value })));

watch(
    () => props.ids.join(),
    () => (sure.value = false),
);

const facts = computed(() => {
    const shown = picture.value;
    if (!shown) return '';
    const taken =
        shown.taken_at === null
            ? ''
            : new Date(shown.taken_at).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric', timeZone: 'UTC' });
    const length = shown.seconds === null ? '' : `${Math.round(shown.seconds)} s`;
    return [
        shown.name,
        `${shown.width} x ${shown.height} px`,
        `${(shown.bytes / 1024 / 1024).toFixed(1)} MB`,
        length,
        taken,
        shown.camera,
        shown.rights,
        shown.licence,
    ]
        .filter((part) => part !== '')
        .join(' · ');
});

async function save(id: string, part: object): Promise<void> {
    problem.value = '';
    try {
        queries.setQueryData(pictureQuery(id).queryKey, await api.patch<PictureDetails>(`pictures/${id}`, part));
        void queries.invalidateQueries({ queryKey: ['store'] });
        void queries.invalidateQueries({ queryKey: ['gallery'] });
    } catch (error) {
        problem.value = messageOf(error);
    }
}

function decorate(event: Event): void {
    void save(only.value, { words: { decorative: (event.target as HTMLInputElement).checked } });
}
</script>

<style scoped>
.panel {
    display: flex;
    flex-direction: column;
    gap: 10px;
    padding: 14px 16px;
    border-left: 2px solid var(--z4);
    background: var(--z0);
    overflow: auto;
}

h2 {
    overflow-wrap: anywhere;
}

img,
video {
    width: 100%;
    max-height: 200px;
    object-fit: contain;
    background: var(--z1);
    flex: none;
}

.tick {
    display: flex;
    align-items: start;
    gap: 8px;
    font-size: 13px;
}

input[type='checkbox'] {
    flex: none;
    width: 16px;
    height: 16px;
    margin: 1px 0 0;
    accent-color: var(--verd);
}

.uses,
.acts {
    display: grid;
    gap: 6px;
    padding-top: 10px;
    border-top: 1px solid var(--z3);
}
</style>
