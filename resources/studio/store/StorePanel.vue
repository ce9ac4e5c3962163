<template>
    <aside class="panel" aria-label="What is chosen">
        <template v-if="picture && ids.length === 1">
            <h2>{{ picture.words.title || picture.name }}</h2>
            <img v-if="picture.thumbnail" :src="picture.thumbnail" alt="" />
            <video v-else-if="picture.file" :src="picture.file" controls muted preload="metadata" :aria-label="`Video ${picture.name}`" />
            <p class="note">{{ facts }}</p>
            <ElButton v-if="picture.kind === 'picture' && !inBin" @click="emit('tidy', picture.id)">Tidy the picture</ElButton>
            <template v-if="!inBin">
                <h3>Its own words</h3>
                <SavedField
                    v-for="field in FIELDS"
                    :key="field.key"
                    :label="field.label"
                    :model-value="words[field.key]"
                    :of="picture.id"
                    :rows="field.rows"
                    :longest="field.longest"
                    @save="(text, id) => save(id, { words: { [field.key]: text } }, TYPING)"
                />
                <SavedField
                    label="Keywords, with commas between"
                    :model-value="keywords"
                    :of="picture.id"
                    :longest="longest.keywords"
                    @save="(text, id) => save(id, { keywords: text }, TYPING)"
                />
                <ElCheckbox :model-value="words.decorative" @change="decorate">decorative: nothing is lost to those who cannot see it</ElCheckbox>
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
                <ElButton @click="emit('restore')">Put back</ElButton>
                <ElButton type="danger" plain v-if="!sure" @click="sure = true">Delete for good…</ElButton>
                <ElButton type="danger" plain v-else @click="emit('delete')">
                    Yes, delete {{ ids.length === 1 ? 'it' : `all ${ids.length}` }}; there is no way back
                </ElButton>
            </template>
            <ElButton type="danger" plain v-else @click="emit('bin')">Put into the bin</ElButton>
        </div>
        <OfflineEverywhere v-if="ids.length > 0 && !inBin" :ids="ids" :offline="isOne && (picture?.offline ?? false)" />
        <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
    </aside>
</template>

<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query';
import { computed, ref, watch } from 'vue';
import { pictureQuery, usesQuery } from '../api/queries';
import { useVocabulary, wordOf } from '../api/vocabulary';
import type { Words } from '../api/types';
import type { PicturePart } from '../outbox/entries';
import { TYPING, useOutbox } from '../outbox/use-outbox';
import ProblemNote from '../shared/ProblemNote.vue';
import SavedField from '../outbox/SavedField.vue';
import OfflineEverywhere from './OfflineEverywhere.vue';

/** Words that are written here, and the lines each is given. */
const FIELDS = (
    [
        ['title', 1],
        ['caption', 2],
        ['alt', 3],
        ['credit', 1],
    ] as const
).map(([key, rows]) => ({ key, rows, ...wordOf(key) }));

const props = defineProps<{ ids: string[]; inBin: boolean }>();
const emit = defineEmits<{ tidy: [picture: string]; bin: []; restore: []; delete: [] }>();
const { longest } = useVocabulary();
const sure = ref(false);
const outbox = useOutbox();
const only = computed(() => props.ids[0] ?? '');
const isOne = computed(() => props.ids.length === 1);
const { data: picture } = useQuery(computed(() => ({ ...pictureQuery(only.value), enabled: isOne.value })));
const { data: uses } = useQuery(computed(() => ({ ...usesQuery(only.value), enabled: isOne.value })));

/** With what was changed here and is on its way. */
const parts = computed(() => outbox.of(`picture:${only.value}`).map(({ part }) => part ?? {}));
const words = computed(() => Object.assign({}, picture.value?.words, ...parts.value.map((part) => part.words ?? {})) as Words);
const keywords = computed(() => parts.value.reduce((known, part) => part.keywords ?? known, picture.value?.keywords ?? ''));
const problem = computed(() => outbox.problems.get(`picture:${only.value}`) ?? '');

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

function save(id: string, part: PicturePart, pause = 0): void {
    void outbox.changePicture(id, part, pause);
}

function decorate(is: unknown): void {
    save(only.value, { words: { decorative: is === true } });
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

.panel :deep(.el-checkbox) {
    height: auto;
    white-space: normal;
}

.panel > .el-button,
.acts .el-button {
    margin: 0;
    flex: none;
}

.uses,
.acts {
    display: grid;
    gap: 6px;
    padding-top: 10px;
    border-top: 1px solid var(--z3);
}
</style>
