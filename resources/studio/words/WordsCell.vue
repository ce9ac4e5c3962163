<template>
    <div
        ref="cell"
        class="cell"
        :class="{ own: isException, editing, bad: flaws.length > 0 }"
        role="gridcell"
        :tabindex="standing && !editing ? 0 : -1"
        :aria-label="label"
        :title="flaws.map(({ advice }) => advice).join('\n') || undefined"
        @focus="emit('stand')"
        @click="begin(null)"
        @keydown="onCellKey"
    >
        <textarea
            v-if="editing"
            ref="field"
            v-model="draft"
            :maxlength="column.longest"
            :aria-label="label"
            rows="2"
            @keydown="onFieldKey"
            @input="emit('save', draft, TYPING)"
            @blur="end(true)"
            @paste.stop="plainPaste($event, column.hasLines)"
        />
        <template v-else-if="column.key === 'decorative'">
            <span v-if="item.words.decorative" class="tick on">yes</span>
        </template>
        <template v-else>
            <span class="text">{{ item.words[column.key] }}</span>
            <span v-if="flaws[0]" class="flaw">{{ flaws[0].label }}</span>
        </template>
        <button
            v-if="isException && item.picture && !editing && standing"
            type="button"
            class="back"
            tabindex="-1"
            title="This gallery says something else than the picture itself. Back to the picture’s own (Delete)"
            aria-label="Back to the picture’s own"
            @click.stop="emit('save', null)"
        >
            ↺ own
        </button>
    </div>
</template>

<script setup lang="ts">
import { computed, nextTick, onBeforeUnmount, ref } from 'vue';
import type { Item, WordField } from '../api/types';
import { flawOf } from '../api/vocabulary';
import { TYPING, useOutbox } from '../outbox/use-outbox';
import { stepOf } from '../shared/roving';
import { plainPaste } from '../shared/plain-paste';
import type { Column } from './fields';

const props = defineProps<{ item: Item; column: Column; row: number; standing: boolean }>();
/** Null goes back to the picture's own. */
const emit = defineEmits<{ stand: []; go: [rows: number, columns: number]; save: [value: string | boolean | null, pause?: number] }>();
const outbox = useOutbox();
const cell = ref<HTMLElement>();
const field = ref<HTMLTextAreaElement>();
const editing = ref(false);
const draft = ref('');
/** What stood there when the writing began; null where that was the picture's own. */
let before: string | null = null;

const isException = computed(() => props.item.exceptions.includes(props.column.key));
const flaws = computed(() => (props.column.key === 'alt' ? props.item.flaws.map(flawOf) : []));
const label = computed(() => {
    const said = props.column.key === 'decorative' ? (props.item.words.decorative ? 'yes' : 'no') : props.item.words[props.column.key] || 'empty';
    return `${props.column.label} of picture ${props.row + 1}: ${said}${isException.value && props.item.picture ? ', only in this gallery' : ''}${flaws.value[0] ? `, ${flaws.value[0].label}` : ''}`;
});

/** @param typed what takes the place of the text; null edits it */
function begin(typed: string | null): void {
    emit('stand');
    if (props.column.key === 'decorative') {
        if (typed === null) emit('save', !props.item.words.decorative);
        return;
    }
    if (editing.value) return;
    const known = props.item.words[props.column.key];
    before = isException.value || !props.item.picture ? known : null;
    draft.value = typed ?? known;
    editing.value = true;
    void nextTick(() => {
        field.value?.focus();
        field.value?.setSelectionRange(draft.value.length, draft.value.length);
    });
    if (typed !== null) emit('save', draft.value, TYPING);
}

function end(keeps: boolean): void {
    if (!editing.value) return;
    editing.value = false;
    if (!keeps && draft.value !== (before ?? props.item.picture?.words[props.column.key as WordField])) emit('save', before);
    outbox.hurry();
}

function onFieldKey(event: KeyboardEvent): void {
    event.stopPropagation();
    if (event.key === 'Tab') {
        event.preventDefault();
        end(true);
        emit('go', 0, event.shiftKey ? -1 : 1);
    } else if (event.key === 'Enter' && !(event.shiftKey || event.altKey)) {
        event.preventDefault();
        end(true);
        emit('go', 1, 0);
    } else if (event.key === 'Escape') {
        end(false);
        cell.value?.focus();
    }
}

function onCellKey(event: KeyboardEvent): void {
    const step = stepOf(event.key);
    if (step) {
        event.preventDefault();
        emit('go', ...step);
    } else if (event.key === 'Enter' || event.key === 'F2') {
        event.preventDefault();
        begin(null);
    } else if (event.key === ' ' && props.column.key === 'decorative') {
        event.preventDefault();
        begin(null);
    } else if (event.key === 'Delete' || event.key === 'Backspace') {
        if (isException.value) emit('save', null);
        else if (props.column.key !== 'decorative' && props.item.words[props.column.key] !== '') emit('save', '');
    } else if (event.key.length === 1 && !event.ctrlKey && !event.metaKey && !event.altKey) {
        event.preventDefault();
        begin(event.key);
    }
}

onBeforeUnmount(() => editing.value && outbox.hurry());

defineExpose({
    /** Puts the keyboard on the cell. */
    focus: () => cell.value?.focus(),
});
</script>

<style scoped>
.cell {
    position: relative;
    height: 65px;
    padding: 5px 10px;
    cursor: text;
}

.cell:focus-visible {
    z-index: 2;
    outline: 2px solid var(--verd);
    outline-offset: -2px;
}

.text {
    display: -webkit-box;
    overflow: hidden;
    -webkit-box-orient: vertical;
    -webkit-line-clamp: 2;
    max-height: 39px;
    white-space: pre-line;
    overflow-wrap: anywhere;
}

.own::after {
    content: '';
    position: absolute;
    right: 0;
    top: 0;
    border: 5px solid;
    border-color: var(--verd) var(--verd) transparent transparent;
}

.flaw {
    display: block;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
    font-size: 12px;
    color: var(--rust);
}

textarea {
    position: absolute;
    z-index: 4;
    inset: -1px;
    width: calc(100% + 2px);
    height: max(100% + 2px, 76px);
    padding: 6px 10px;
    border: 2px solid var(--verd);
    background: #fff;
    font: 14px/1.4 var(--type);
    color: var(--z8);
    resize: vertical;
    outline: 0;
}

.tick {
    color: var(--z5);
    cursor: pointer;
}

.on {
    color: var(--verd);
    font-weight: 600;
}

.back {
    position: absolute;
    right: 4px;
    bottom: 4px;
    min-height: 24px;
    padding: 0 6px;
    border: 1px solid var(--verd);
    border-radius: var(--corner);
    background: var(--verd-tint);
    color: #0b5e53;
    font: 12px var(--type);
    cursor: pointer;
}
</style>
