<template>
    <section class="fill" aria-label="Fill many">
        <h2>Fill many</h2>
        <p class="note">{{ items.length === gallery.items.length ? `All ${items.length}` : `The ${items.length} chosen` }}</p>
        <label class="line">
            <span>Word</span>
            <select v-model="fill.field">
                <option v-for="column in FIELDS" :key="column.key" :value="column.key">{{ column.label }}</option>
            </select>
        </label>
        <SegmentChoice v-model="fill.act" label="What" :columns="3" :options="ACTS" />
        <label v-if="fill.act === 'replace'" class="stack">
            <span>Find</span>
            <ElInput v-model="fill.find" />
        </label>
        <label v-if="fill.act !== 'clear'" class="stack">
            <span>{{ fill.act === 'replace' ? 'Put in its place' : 'Text' }}</span>
            <ElInput ref="text" v-model="fill.text" placeholder="[title], [place] of [all]" />
        </label>
        <div v-if="fill.act !== 'clear'" class="tokens" role="group" aria-label="Tokens">
            <button v-for="token in TOKENS" :key="token.name" type="button" :title="token.says" @click="fill.text += `[${token.name}]`">
                [{{ token.name }}]
            </button>
        </div>
        <label v-if="fill.text.includes('[place]')" class="line">
            <span>Count from</span>
            <input v-model.number="fill.from" type="number" min="0" max="100000" />
        </label>
        <label class="tick"><input v-model="fill.only_empty" type="checkbox" /> only where there is none</label>
        <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
        <div class="preview" role="region" aria-label="What it comes to" tabindex="0">
            <p class="note" role="status">{{ changed.length === 0 ? 'Nothing changes.' : `${changed.length} of ${rows.length} change` }}</p>
            <ol>
                <li v-for="row in changed" :key="row.item">
                    <s v-if="row.before">{{ row.before }}</s>
                    <b>{{ row.after || 'nothing' }}</b>
                </li>
            </ol>
        </div>
        <div class="acts">
            <button class="act go" type="button" :disabled="changed.length === 0" @click="emit('apply', { ...fill }, items)">Fill {{ changed.length }}</button>
            <button class="act" type="button" @click="emit('close')">Close</button>
        </div>
    </section>
</template>

<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core';
import { computed, reactive, ref, watch } from 'vue';
import { api, messageOf } from '../api/client';
import type { FillRow, FillSettings, Gallery } from '../api/types';
import ProblemNote from '../shared/ProblemNote.vue';
import SegmentChoice from '../shared/SegmentChoice.vue';
import { COLUMNS } from './fields';

const FIELDS = COLUMNS.filter(({ key }) => key !== 'decorative');

const ACTS = [
    { value: 'set', label: 'Set' },
    { value: 'before', label: 'Add before' },
    { value: 'after', label: 'Add after' },
    { value: 'replace', label: 'Replace' },
    { value: 'clear', label: 'Clear' },
] as const;

const TOKENS = [
    { name: 'title', says: 'The title of the picture' },
    { name: 'place', says: 'Its number, counted from where you say' },
    { name: 'all', says: 'How many pictures are filled' },
    { name: 'day', says: 'The day it was taken' },
    { name: 'album', says: 'The album it is in' },
    { name: 'camera', says: 'The camera it was taken with' },
    { name: 'file', says: 'Its file name without the ending' },
] as const;

/** ms after the last change until the outcome is asked for. */
const PAUSE = 180;

const props = defineProps<{ gallery: Gallery; items: string[] }>();
const emit = defineEmits<{ apply: [fill: FillSettings, items: string[]]; close: [] }>();
const fill = reactive<FillSettings>({ field: 'title', act: 'set', text: '', find: '', only_empty: false, from: 1 });
const rows = ref<FillRow[]>([]);
const problem = ref('');
const changed = computed(() => rows.value.filter(({ after }) => after !== null));

const look = useDebounceFn(async () => {
    if ((fill.act === 'replace' && fill.find === '') || (fill.act !== 'clear' && fill.act !== 'replace' && fill.text === '')) {
        rows.value = [];
        return;
    }
    try {
        rows.value = (await api.post<{ rows: FillRow[] }>(`galleries/${props.gallery.id}/fill/preview`, { fill, items: props.items })).rows;
        problem.value = '';
    } catch (error) {
        problem.value = messageOf(error);
        rows.value = [];
    }
}, PAUSE);

watch([fill, () => props.items, () => props.gallery.version], look, { deep: true });
</script>

<style scoped>
.fill {
    display: flex;
    flex-direction: column;
    gap: 10px;
    min-height: 0;
}

.line {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 12px;
    font-size: 13px;
    color: var(--z6);
}

.stack > span {
    display: block;
    margin-bottom: 4px;
    font-size: 13px;
    color: var(--z6);
}

input[type='number'] {
    width: 90px;
}

.tokens {
    display: flex;
    flex-wrap: wrap;
    gap: 4px;
}

.tokens button {
    min-height: 26px;
    padding: 0 6px;
    border: 1px solid var(--z3);
    border-radius: var(--corner);
    background: var(--z1);
    font: 12px var(--type);
    color: var(--z7);
    cursor: pointer;
}

.tick {
    display: flex;
    align-items: center;
    gap: 8px;
    font-size: 13px;
}

input[type='checkbox'] {
    width: 16px;
    height: 16px;
    margin: 0;
    accent-color: var(--verd);
}

.preview {
    flex: 1;
    min-height: 110px;
    padding: 8px 10px;
    border: 1px solid var(--z3);
    border-radius: var(--corner);
    overflow: auto;
    font-size: 13px;
}

li {
    padding: 4px 0;
    border-bottom: 1px solid var(--z2);
    overflow-wrap: anywhere;
}

s {
    display: block;
    color: var(--z5);
}

b {
    font-weight: 600;
}

.acts {
    display: flex;
    gap: 8px;
}

.go {
    flex: 1;
    border-color: var(--z8);
    background: var(--z8);
    color: #fff;
}

.go:hover:not(:disabled) {
    background: var(--z6);
}

.go:disabled {
    border-color: var(--z3);
    background: var(--z1);
}
</style>
