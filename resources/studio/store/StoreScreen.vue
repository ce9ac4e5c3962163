<template>
    <div class="screen">
        <TopBar>
            <AccountMenu />
        </TopBar>
        <main class="main" @dragover.prevent @drop.prevent="drop">
            <aside class="side" aria-label="Find">
                <h1>Pictures</h1>
                <SegmentChoice v-model="view" label="Show" :columns="2" :options="VIEWS" />
                <StoreFilters v-if="view === 'all' || view === 'bin'" v-model="filter" />
            </aside>
            <section class="mat" aria-label="The store">
                <div class="head">
                    <p class="count" role="status">{{ told }}</p>
                    <template v-if="isList">
                        <FileButton label="Pictures to add to the store" multiple primary :accept="accepted" @choose="uploads.add(null, $event)"
                            >Add files</FileButton
                        >
                        <div class="size">
                            <span>Thumbnails</span>
                            <ElSlider v-model="size" :min="90" :max="280" :step="10" :show-tooltip="false" aria-label="Size of the thumbnails" />
                        </div>
                    </template>
                </div>
                <ProblemNote v-if="inUse.length > 0">
                    {{ inUse.length === 1 ? 'It is' : 'These are' }} in use and stayed:
                    <span v-for="picture in inUse" :key="picture.id">
                        “{{ picture.name }}” in {{ picture.galleries.map(({ title }) => title).join(', ') }}.
                    </span>
                    Take {{ inUse.length === 1 ? 'it' : 'them' }} out there first.
                </ProblemNote>
                <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
                <StoreGrid
                    v-if="isList"
                    label="Pictures of the store"
                    :store="store"
                    :selection="selection"
                    :size="size"
                    @open="tidied = $event.id"
                    @key="onKey"
                >
                    <template #none>{{
                        view === 'bin' ? 'The bin is empty.' : isAnything ? 'No picture yet. Drop some here.' : 'No picture fits. Ask for less.'
                    }}</template>
                </StoreGrid>
                <LookAlikes v-else-if="view === 'alike'" @bin="bin" />
                <SourcePanel v-else :key="view" :name="view" :gallery-id="null" />
            </section>
            <StorePanel
                :ids="isList ? selection.list.value : []"
                :in-bin="view === 'bin'"
                @tidy="tidied = $event"
                @bin="bin(selection.list.value)"
                @restore="restore"
                @delete="destroy"
            />
            <TidyEditor
                v-if="tidied"
                :key="tidied"
                :picture-id="tidied"
                :gallery="null"
                :others="selection.list.value.filter((id) => id !== tidied)"
                :chosen="chosen"
                @go="tidied = $event"
                @close="closeTidy"
            />
        </main>
    </div>
</template>

<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query';
import { useLocalStorage } from '@vueuse/core';
import { computed, nextTick, ref } from 'vue';
import { api, messageOf } from '../api/client';
import { useVocabulary } from '../api/vocabulary';
import { filesOf } from '../uploads/files-of';
import { useUploads } from '../uploads/use-uploads';
import { announce } from '../shared/announce';
import FileButton from '../shared/FileButton.vue';
import ProblemNote from '../shared/ProblemNote.vue';
import SegmentChoice from '../shared/SegmentChoice.vue';
import TopBar from '../shared/TopBar.vue';
import AccountMenu from '../shared/AccountMenu.vue';
import { useSelection } from '../shared/use-selection';
import TidyEditor from '../tidy/TidyEditor.vue';
import { everything } from './filter';
import LookAlikes from './LookAlikes.vue';
import SourcePanel from './SourcePanel.vue';
import StoreFilters from './StoreFilters.vue';
import StoreGrid from './StoreGrid.vue';
import StorePanel from './StorePanel.vue';
import { useStore } from './use-store';

const VIEWS = [
    { value: 'all', label: 'All' },
    { value: 'alike', label: 'Look-alikes' },
    { value: 'card', label: 'Camera card' },
    { value: 'shelf', label: 'Stock shelf' },
    { value: 'bin', label: 'Bin' },
] as const;

type View = (typeof VIEWS)[number]['value'];

const queries = useQueryClient();
const uploads = useUploads();
const view = ref<View>('all');
const filter = ref(everything());
const size = useLocalStorage('zinc-store-thumbnails', 150);
const accepted = useVocabulary().files.join(',');
const tidied = ref<string | null>(null);
const problem = ref('');
const inUse = ref<{ id: string; name: string; galleries: { title: string }[] }[]>([]);
const isList = computed(() => view.value === 'all' || view.value === 'bin');
const isAnything = computed(() => JSON.stringify(filter.value) === JSON.stringify(everything()));
const store = useStore(() => ({ ...filter.value, bin: view.value === 'bin' }));
const selection = useSelection(store.ids);
const chosen = computed(() => [...store.known.value.values()].filter(({ id, kind }) => kind === 'picture' && selection.chosen.value.has(id)));

const told = computed(() => {
    if (!isList.value) return VIEWS.find(({ value }) => value === view.value)?.label ?? '';
    const { value: total } = store.total;
    return total === 1 ? '1 picture' : `${total} pictures`;
});

function drop(event: DragEvent): void {
    void filesOf(event.dataTransfer).then((files) => uploads.add(null, files));
}

async function act(work: () => Promise<unknown>, told_: string): Promise<void> {
    problem.value = '';
    inUse.value = [];
    try {
        await work();
        announce(told_);
    } catch (error) {
        problem.value = messageOf(error);
    }
    selection.none();
    await Promise.all([queries.invalidateQueries({ queryKey: ['store'] }), queries.invalidateQueries({ queryKey: ['picture'] })]);
}

async function bin(pictures: string[]): Promise<void> {
    let stayed: typeof inUse.value = [];
    await act(async () => {
        stayed = (await api.post<{ in_use: typeof inUse.value }>('pictures/bin', { pictures })).in_use;
    }, `${pictures.length} put into the bin.`);
    inUse.value = stayed;
}

async function restore(): Promise<void> {
    await act(() => api.post('pictures/restore', { pictures: selection.list.value }), 'Put back.');
}

async function destroy(): Promise<void> {
    await act(() => api.post('pictures/delete', { pictures: selection.list.value }), 'Deleted for good.');
}

/** Back to the picture that was tidied. */
async function closeTidy(): Promise<void> {
    const id = tidied.value;
    tidied.value = null;
    await nextTick();
    document.querySelector<HTMLElement>(`[data-item="${id}"]`)?.focus();
}

function onKey(event: KeyboardEvent): void {
    const [first] = selection.list.value;
    if (event.key === 'Delete' && first !== undefined && view.value === 'all') void bin(selection.list.value);
    else if (event.key.toLowerCase() === 't' && first !== undefined) tidied.value = first;
}
</script>

<style scoped>
.screen {
    display: grid;
    grid-template-rows: auto minmax(0, 1fr);
    height: calc(100vh - var(--tray, 0px));
}

.main {
    position: relative;
    display: grid;
    grid-template-columns: 232px minmax(0, 1fr) 336px;
    min-height: 0;
}

.side {
    display: grid;
    align-content: start;
    gap: 14px;
    padding: 14px 16px;
    border-right: 2px solid var(--z4);
    background: var(--z1);
    overflow: auto;
}

h1 {
    font-size: 20px;
    font-weight: 600;
}

.mat {
    display: grid;
    grid-template-rows: auto;
    grid-auto-rows: auto;
    align-content: start;
    gap: 10px;
    min-height: 0;
    padding: 12px 14px;
    background: var(--mat);
}

.mat > :last-child {
    min-height: 0;
}

.mat:has(> :nth-child(2):last-child) {
    grid-template-rows: auto minmax(0, 1fr);
}

.mat:has(> :nth-child(3):last-child) {
    grid-template-rows: auto auto minmax(0, 1fr);
}

.head {
    display: flex;
    align-items: center;
    gap: 14px;
}

.count {
    flex: 1;
    font-variant-numeric: tabular-nums;
}

.size {
    display: flex;
    align-items: center;
    gap: 8px;
    font-size: 13px;
    color: var(--z6);
}

.size .el-slider {
    width: 120px;
}

@media (width < 1180px) {
    .main {
        grid-template-columns: 200px minmax(0, 1fr) 280px;
    }
}

/* One below the other: the screen scrolls. */
@media (width < 900px) {
    .screen {
        height: auto;
    }

    .main {
        grid-template-columns: minmax(0, 1fr);
        grid-template-rows: auto 70vh auto;
    }

    .side {
        border: 0;
    }
}
</style>
