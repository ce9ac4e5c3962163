<template>
    <div
        ref="table"
        class="table"
        role="grid"
        aria-label="Words of the pictures"
        :aria-rowcount="items.length + 1"
        :style="{ '--columns': widths, minWidth: `${least}px`, height: `${HEAD + items.length * ROW + 1}px` }"
        @paste="onPaste"
    >
        <div class="row head" role="row">
            <span role="columnheader">Picture</span>
            <span v-for="column in columns" :key="column.key" role="columnheader">{{ column.label }}</span>
        </div>
        <div
            v-for="{ item, row } in shown"
            :key="item.id"
            class="row"
            :class="{ here: row === place.row }"
            role="row"
            :aria-rowindex="row + 2"
            :style="{ top: `${HEAD + row * ROW}px` }"
        >
            <span
                :ref="(cell) => keep(cell, row, CHOOSER)"
                class="picture"
                role="rowheader"
                :tabindex="place.row === row && place.column === CHOOSER ? 0 : -1"
                :aria-label="`${row + 1}. ${nameOf(item)}${chosen.has(item.id) ? ', chosen' : ''}`"
                @focus="stand(row, CHOOSER)"
                @click="emit('choose', item.id)"
                @keydown="onChooser($event, item)"
            >
                <i class="tick" :class="{ on: chosen.has(item.id) }" aria-hidden="true" />
                <img v-if="item.picture?.thumbnail" :src="item.picture.thumbnail" alt="" loading="lazy" />
                <span class="number">{{ row + 1 }}</span>
            </span>
            <WordsCell
                v-for="(column, index) in columns"
                :key="column.key"
                :ref="(cell) => keep(cell, row, index)"
                :item="item"
                :column="column"
                :row="row"
                :standing="place.row === row && place.column === index"
                @stand="stand(row, index)"
                @go="go"
                @save="(text, pause) => emit('save', item.id, { [column.key]: text }, pause)"
            />
        </div>
    </div>
</template>

<script setup lang="ts">
import { computed, ref, type ComponentPublicInstance } from 'vue';
import type { Item, WordChange } from '../api/types';
import { stepOf } from '../shared/roving';
import { plainText } from '../shared/plain-paste';
import { cellsOf, isBlock } from './block';
import type { Column } from './fields';
import { HEAD, ROW, useRows } from './use-rows';
import WordsCell from './WordsCell.vue';

const props = defineProps<{ items: Item[]; columns: Column[]; chosen: ReadonlySet<string> }>();
const emit = defineEmits<{
    save: [item: string, words: WordChange, pause?: number];
    fill: [words: Record<string, WordChange>];
    choose: [item: string];
    here: [row: number];
}>();
const table = ref<HTMLElement>();
const place = ref({ row: 0, column: 0 });
/** px of the column with the pictures. */
const PICTURE = 98;

/** The place of the cell that chooses its row: before the first column. */
const CHOOSER = -1;

/** What a cell lets its table do. */
interface Cell {
    focus: () => void;
}

const cells = new Map<string, Cell>();
const home = computed(() => table.value?.parentElement ?? undefined);
const { drawn, reveal } = useRows(
    home,
    () => props.items.length,
    () => place.value.row,
);
const shown = computed(() => drawn.value.flatMap((row) => (props.items[row] ? { item: props.items[row], row } : [])));
const widths = computed(() =>
    [`${PICTURE}px`, ...props.columns.map(({ least, share }) => (share > 0 ? `minmax(${least}px, ${share}fr)` : `${least}px`))].join(' '),
);
const least = computed(() => props.columns.reduce((sum, column) => sum + column.least, PICTURE));

function keep(cell: Element | ComponentPublicInstance | null, row: number, column: number): void {
    const key = `${row} ${column}`;
    if (cell) cells.set(key, cell as unknown as Cell);
    else cells.delete(key);
}

function nameOf(item: Item): string {
    return item.words.title || item.picture?.name || 'text';
}

function stand(row: number, column: number): void {
    place.value = { row, column };
    emit('here', row);
}

/** From the cell one stands on: rows and columns further; beyond the last column begins the next row. */
function go(rows: number, columns: number): void {
    const width = props.columns.length + 1;
    const from = place.value.column - CHOOSER;
    const at = columns === 0 ? (place.value.row + rows) * width + from : place.value.row * width + from + columns;
    const last = props.items.length * width - 1;
    if (at < 0 || at > last) return;
    const row = Math.floor(at / width);
    const column = (at % width) + CHOOSER;
    stand(row, column);
    void reveal(row).then(() => cells.get(`${row} ${column}`)?.focus());
}

/** On the word that most is said of: the alt text, where it is shown. */
function standOn(row: number): void {
    const column = Math.max(
        0,
        props.columns.findIndex(({ key }) => key === 'alt'),
    );
    stand(row, column);
    void reveal(row).then(() => cells.get(`${row} ${column}`)?.focus());
}

function onChooser(event: KeyboardEvent, item: Item): void {
    const step = stepOf(event.key);
    if (step) go(...step);
    else if (event.key === ' ' || event.key === 'Enter') emit('choose', item.id);
    else return;
    event.preventDefault();
}

/** A column or a block from a spreadsheet fills down and across from where one stands. */
function onPaste(event: ClipboardEvent): void {
    const text = event.clipboardData?.getData('text/plain') ?? '';
    if (!isBlock(text) || (event.target as Element).closest('.editing')) return;
    event.preventDefault();
    const words: Record<string, WordChange> = {};
    cellsOf(text).forEach((row, down) => {
        const item = props.items[place.value.row + down];
        row.forEach((cell, across) => {
            const column = props.columns[Math.max(0, place.value.column) + across];
            if (!item || !column) return;
            const change: WordChange = (words[item.id] ??= {});
            if (column.key === 'decorative') change.decorative = /^(yes|y|true|1|x)$/i.test(cell.trim());
            else change[column.key] = plainText(cell, column.hasLines);
        });
    });
    emit('fill', words);
}

defineExpose({
    /** Puts the keyboard on the first cell. */
    focus: () => cells.get('0 0')?.focus(),
    standOn,
});
</script>

<style scoped>
.table {
    position: relative;
    background: var(--z0);
    border: 1px solid var(--z4);
}

.row {
    position: absolute;
    inset-inline: 0;
    display: grid;
    grid-template-columns: var(--columns);
    height: 66px;
    border-bottom: 1px solid var(--z3);
}

.row:focus-within {
    z-index: 2;
}

.row > * {
    min-width: 0;
    border-right: 1px solid var(--z3);
}

.here {
    background: var(--z1);
}

.head {
    position: sticky;
    z-index: 3;
    top: 0;
    background: var(--z2);
    font-size: 13px;
    font-weight: 600;
    height: 34px;
}

.head span {
    padding: 7px 10px;
}

.picture {
    cursor: pointer;
    display: flex;
    align-items: center;
    gap: 6px;
    padding: 4px 6px;
}

img {
    width: 40px;
    height: 40px;
    object-fit: cover;
    background: var(--z2);
}

.number {
    font-size: 12px;
    color: var(--z5);
    font-variant-numeric: tabular-nums;
}

.picture:focus-visible {
    outline-offset: -2px;
}

.tick {
    flex: none;
    width: 16px;
    height: 16px;
    border: 1px solid var(--z4);
    border-radius: var(--corner);
    background: var(--z0);
}

.tick.on {
    border-color: var(--verd);
    background: var(--verd)
        url("data:image/svg+xml,%3Csvg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 16 16' fill='none' stroke='white' stroke-width='2'%3E%3Cpath d='m3.5 8 3 3 6-6.5'/%3E%3C/svg%3E");
}
</style>
