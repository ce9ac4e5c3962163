<template>
    <div v-if="gallery" class="stage" :class="{ narrow }">
        <section class="mat" aria-label="Words">
            <div class="head">
                <ElPopover trigger="click" placement="bottom-start" :width="190">
                    <template #reference><ElButton>Columns</ElButton></template>
                    <ElCheckboxGroup v-model="shownKeys" class="columns" aria-label="Columns">
                        <ElCheckbox v-for="column in columns" :key="column.key" :value="column.key">{{ column.label }}</ElCheckbox>
                    </ElCheckboxGroup>
                </ElPopover>
                <ElCheckbox v-model="onlyFlawed">only what needs work ({{ flawed }})</ElCheckbox>
                <span class="grow" />
                <ElButton :aria-pressed="tool === 'fill'" @click="tool = tool === 'fill' ? 'look' : 'fill'">Fill many</ElButton>
                <ElButton :aria-pressed="tool === 'csv'" @click="tool = tool === 'csv' ? 'look' : 'csv'">Spreadsheet</ElButton>
            </div>
            <NothingHere v-if="gallery.items.length === 0">No pictures yet; add some in the stage Pictures.</NothingHere>
            <NothingHere v-else-if="items.length === 0">Nothing needs work.</NothingHere>
            <WordsList v-else-if="narrow" :items="items" :columns="shown" @save="save" />
            <div v-else class="scroll">
                <WordsTable
                    ref="table"
                    :items="items"
                    :columns="shown"
                    :chosen="chosen"
                    @save="save"
                    @fill="reword($event)"
                    @choose="choose"
                    @here="here = $event"
                />
            </div>
        </section>
        <aside class="panel" aria-label="Beside the table">
            <FillPanel v-if="tool === 'fill'" :gallery="gallery" :items="filled" @apply="applyFill" @close="tool = 'look'" />
            <CsvPanel v-else-if="tool === 'csv'" :gallery="gallery" @applied="keep" @close="tool = 'look'" />
            <template v-else-if="current">
                <img v-if="current.picture?.thumbnail" :src="current.picture.thumbnail" :alt="current.words.alt" />
                <h2>{{ current.words.title || current.picture?.name || 'Text' }}</h2>
                <p v-if="current.picture" class="note">{{ current.picture.name }} · {{ current.picture.width }} x {{ current.picture.height }} px</p>
                <ul v-if="current.flaws.length > 0" class="flaws">
                    <li v-for="code in current.flaws" :key="code">{{ flawOf(code).advice }}</li>
                </ul>
                <template v-if="current.picture && current.exceptions.length > 0">
                    <h3>This gallery says otherwise than the picture itself</h3>
                    <dl>
                        <template v-for="field in current.exceptions" :key="field">
                            <dt>{{ field }}, the picture’s own</dt>
                            <dd>{{ String(current.picture.words[field]) || 'nothing' }}</dd>
                        </template>
                    </dl>
                    <ElButton @click="backToOwn(current)">Back to the picture’s own</ElButton>
                    <ElButton @click="makeOwn(current)">Make these the picture’s own</ElButton>
                </template>
                <p class="note keys">
                    Tab and Enter go on, Escape takes back, Delete returns to the picture’s own word. A column copied from a spreadsheet fills down.
                </p>
            </template>
        </aside>
    </div>
</template>

<script setup lang="ts">
import { useLocalStorage, useMediaQuery } from '@vueuse/core';
import { computed, ref } from 'vue';
import { api, messageOf } from '../api/client';
import { flawOf } from '../api/vocabulary';
import type { FillSettings, Item, WordChange } from '../api/types';
import { useGallery } from '../gallery-state/use-gallery';
import NothingHere from '../shared/NothingHere.vue';
import { announce } from '../shared/announce';
import { useSought } from '../shared/use-sought';
import CsvPanel from './CsvPanel.vue';
import { columnsOfWords, FIRST_COLUMNS } from './fields';
import FillPanel from './FillPanel.vue';
import WordsList from './WordsList.vue';
import WordsTable from './WordsTable.vue';

const props = defineProps<{ id: string }>();
const { gallery, tell, change, act, keep } = useGallery(() => props.id);
const narrow = useMediaQuery('(max-width: 900px)');
const shownKeys = useLocalStorage('zinc-word-columns', [...FIRST_COLUMNS]);
const onlyFlawed = ref(false);
const tool = ref<'look' | 'fill' | 'csv'>('look');
const chosen = ref(new Set<string>());
const here = ref(0);

const columns = columnsOfWords();
const shown = computed(() => columns.filter(({ key }) => shownKeys.value.includes(key)));
const pictures = computed(() => gallery.value?.items.filter(({ kind }) => kind !== 'text') ?? []);
const flawed = computed(() => pictures.value.filter(({ flaws }) => flaws.length > 0).length);
const items = computed(() => (onlyFlawed.value ? pictures.value.filter(({ flaws }) => flaws.length > 0) : pictures.value));
const current = computed(() => items.value[Math.min(here.value, items.value.length - 1)]);
const filled = computed(() => (chosen.value.size > 0 ? items.value.filter(({ id }) => chosen.value.has(id)) : items.value).map(({ id }) => id));

const table = ref<InstanceType<typeof WordsTable>>();
useSought(items, (row) => {
    here.value = row;
    table.value?.standOn(row);
});

function reword(words: Record<string, WordChange>, pause = 0): void {
    void change({ kind: 'words', words }, pause);
}

function save(item: string, words: WordChange, pause = 0): void {
    reword({ [item]: words }, pause);
}

function choose(item: string): void {
    const next = new Set(chosen.value);
    if (!next.delete(item)) next.add(item);
    chosen.value = next;
}

async function applyFill(fill: FillSettings, wanted: string[]): Promise<void> {
    if (await act('/fill', { fill, items: wanted })) announce('Filled. One undo takes it back.');
}

function backToOwn(item: Item): void {
    save(item.id, Object.fromEntries(item.exceptions.map((field) => [field, null])));
}

async function makeOwn(item: Item): Promise<void> {
    try {
        await api.patch(`pictures/${item.picture?.id}`, { words: Object.fromEntries(item.exceptions.map((field) => [field, item.words[field]])) });
        backToOwn(item);
        announce('These are the picture’s own words now.');
    } catch (error) {
        tell(messageOf(error));
    }
}
</script>

<style scoped>
.columns {
    display: grid;
}

.stage {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 336px;
    height: 100%;
}

.narrow {
    grid-template-columns: minmax(0, 1fr);
    overflow: auto;
}

.mat {
    display: grid;
    grid-template-rows: auto minmax(0, 1fr);
    min-height: 0;
    padding: 12px 18px 18px;
    background: var(--mat);
}

.head {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px 14px;
    margin-bottom: 10px;
}

.grow {
    flex: 1;
}

.scroll {
    min-height: 0;
    overflow: auto;
}

.panel {
    display: flex;
    flex-direction: column;
    gap: 10px;
    padding: 14px 16px;
    border-left: 2px solid var(--z4);
    background: var(--z0);
    overflow: auto;
}

.panel > img {
    width: 100%;
    max-height: 260px;
    object-fit: contain;
    background: var(--z1);
}

.panel > .el-button {
    flex: none;
    margin: 0;
}

.panel > section {
    flex: 1;
}

h2 {
    overflow-wrap: anywhere;
}

.flaws li {
    padding: 6px 10px;
    border-left: 3px solid var(--rust);
    background: var(--rust-tint);
    color: var(--rust);
    font-size: 13px;
}

dt {
    font-size: 12px;
    color: var(--z5);
}

dd {
    margin-bottom: 6px;
}

.keys {
    margin-top: auto;
    padding-top: 10px;
    border-top: 1px solid var(--z3);
}

@media (width < 1180px) {
    .stage:not(.narrow) {
        grid-template-columns: minmax(0, 1fr) 300px;
    }
}
</style>
