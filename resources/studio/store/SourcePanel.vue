<template>
    <div v-if="source" class="source">
        <div class="find">
            <ElInput v-if="source.facets.byKeyword" v-model="words" clearable placeholder="Find by keyword" aria-label="Find by keyword" />
            <ElSelect
                v-if="source.facets.categories.length > 0"
                v-model="category"
                aria-label="Category"
                clearable
                placeholder="all categories"
                :value-on-clear="''"
            >
                <ElOption v-for="one in source.facets.categories" :key="one" :value="one" :label="one" />
            </ElSelect>
            <ElCheckbox v-if="source.facets.byNew" v-model="onlyNew">only what is new since last time</ElCheckbox>
            <ColourPick v-if="source.facets.byColour" v-model="colour" label="Colour" />
        </div>
        <ul ref="list" class="files" role="listbox" :aria-label="`Pictures of the ${source.label}`" aria-multiselectable="true">
            <li
                v-for="(file, index) in files"
                :key="file.id"
                role="option"
                :aria-selected="selection.chosen.value.has(file.id)"
                :aria-label="`${file.title}${file.taken ? ', in the store already' : file.new ? ', new' : ''}`"
                :class="{ chosen: selection.chosen.value.has(file.id), taken: file.taken }"
                :tabindex="index === 0 ? 0 : -1"
                @click="selection.pick(file.id, toggle($event))"
                @keydown="onKey($event, file.id)"
            >
                <img :src="file.thumbnail" alt="" loading="lazy" />
                <b>{{ file.title }}</b>
                <span v-if="file.taken" class="note">in the store</span>
                <span v-else-if="file.new" class="new">new</span>
                <span v-if="file.credit" class="note">{{ file.credit }} · {{ file.licence }}</span>
            </li>
        </ul>
        <NothingHere v-if="data && files.length === 0">{{ onlyNew ? 'Nothing new since last time.' : 'Nothing fits.' }}</NothingHere>
        <div class="take">
            <ElButton :disabled="busy || selection.list.value.length === 0" @click="take(selection.list.value)">
                {{ selection.list.value.length === 0 ? 'Choose pictures to take' : `Take ${selection.list.value.length}` }}
            </ElButton>
            <ElButton v-if="fresh.length > 0" :disabled="busy" @click="take(fresh)">Take all {{ fresh.length }} new</ElButton>
        </div>
        <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
    </div>
</template>

<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query';
import { computed, ref } from 'vue';
import { api, messageOf } from '../api/client';
import { sourceFilesQuery, sourcesQuery } from '../api/queries';
import type { Batch } from '../api/types';
import { useUploads } from '../uploads/use-uploads';
import ColourPick from '../shared/ColourPick.vue';
import NothingHere from '../shared/NothingHere.vue';
import ProblemNote from '../shared/ProblemNote.vue';
import { useRovingKeys } from '../shared/use-roving-keys';
import { useSelection } from '../shared/use-selection';

const props = defineProps<{ name: string; galleryId: string | null }>();
const uploads = useUploads();
const { data: sources } = useQuery(sourcesQuery());
const source = computed(() => sources.value?.find(({ name }) => name === props.name));
const words = ref('');
const category = ref('');
const colour = ref('');
const onlyNew = ref(false);
const busy = ref(false);
const problem = ref('');
const { data } = useQuery(
    computed(() => ({
        ...sourceFilesQuery(props.name, { words: words.value, category: category.value, colour: colour.value, new: onlyNew.value }),
        placeholderData: keepPreviousData,
    })),
);
const files = computed(() => data.value?.files ?? []);
const fresh = computed(() => files.value.filter((file) => file.new).map(({ id }) => id));
const list = ref<HTMLElement>();
const { walk } = useRovingKeys({ home: list, things: '[role="option"]', columns: 'seen' });
const selection = useSelection(() => files.value.map(({ id }) => id));

/** A plain click here chooses one more: people come for several. */
function toggle({ shiftKey }: MouseEvent | KeyboardEvent): { shiftKey: boolean; ctrlKey: boolean; metaKey: boolean } {
    return { shiftKey, ctrlKey: !shiftKey, metaKey: false };
}

function onKey(event: KeyboardEvent, id: string): void {
    if (walk(event) === null && (event.key === ' ' || event.key === 'Enter')) {
        event.preventDefault();
        selection.pick(id, toggle(event));
    }
}

async function take(wanted: string[]): Promise<void> {
    busy.value = true;
    problem.value = '';
    try {
        const { batch } = await api.post<{ batch: Batch }>(`sources/${props.name}/take`, { files: wanted, gallery: props.galleryId });
        uploads.watchBatch(props.galleryId, batch);
        selection.none();
    } catch (error) {
        problem.value = messageOf(error);
    } finally {
        busy.value = false;
    }
}
</script>

<style scoped>
.source {
    display: grid;
    grid-template-rows: auto minmax(0, 1fr);
    grid-auto-rows: auto;
    gap: 10px;
    min-height: 0;
}

.find {
    display: grid;
    gap: 10px;
}

.files {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(132px, 1fr));
    align-content: start;
    gap: 10px;
    padding: 4px;
    overflow: auto;
}

li {
    display: grid;
    align-content: start;
    padding: 4px 4px 6px;
    border: 1px solid var(--z3);
    border-radius: var(--corner);
    background: var(--z0);
    font-size: 12px;
    cursor: pointer;
}

li.chosen {
    border-color: var(--verd);
    box-shadow: 0 0 0 2px var(--verd);
    background: var(--verd-tint);
}

li.chosen .note {
    color: var(--z6);
}

.taken img {
    opacity: 0.55;
}

img {
    width: 100%;
    aspect-ratio: 1.25;
    object-fit: cover;
    background: var(--z2);
}

b {
    margin-top: 4px;
    font-weight: 600;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}

.new {
    color: var(--verd);
    font-weight: 600;
}

.take {
    display: flex;
    gap: 8px;
}
</style>
