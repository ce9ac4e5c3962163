<template>
    <section class="fill" aria-label="Fill many">
        <h2>Fill many</h2>
        <p class="note">{{ items.length === gallery.items.length ? `All ${items.length}` : `The ${items.length} chosen` }}</p>
        <label class="line">
            <span>Word</span>
            <ElSelect v-model="fill.field" aria-label="Word">
                <ElOption v-for="word in vocabulary.words" :key="word.field" :value="word.field" :label="word.label" />
            </ElSelect>
        </label>
        <SegmentChoice v-model="fill.act" label="What" :columns="3" :options="vocabulary.fill.acts" />
        <label v-if="fill.act === 'replace'" class="stack">
            <span>Find</span>
            <ElInput v-model="fill.find" :maxlength="vocabulary.fill.longest" />
        </label>
        <label v-if="fill.act !== 'clear'" class="stack">
            <span>{{ fill.act === 'replace' ? 'Put in its place' : 'Text' }}</span>
            <ElInput ref="text" v-model="fill.text" :maxlength="vocabulary.fill.longest" placeholder="{title}, {number} of {count}" />
        </label>
        <div v-if="fill.act !== 'clear'" class="tokens" role="group" aria-label="Tokens">
            <Hint v-for="token in vocabulary.fill.tokens" :key="token.value" :says="token.label">
                <ElButton size="small" round class="token" @click="insert(token.value)">{{ written(token.value) }}</ElButton>
            </Hint>
        </div>
        <label v-if="fill.text.includes(written('number'))" class="line">
            <span>Count from</span>
            <ElInputNumber v-model="fill.from" :min="0" :max="vocabulary.fill.farthest" :precision="0" aria-label="Count from" />
        </label>
        <ElCheckbox v-model="fill.only_empty">only where there is none</ElCheckbox>
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
            <ElButton type="info" :disabled="changed.length === 0" @click="emit('apply', { ...fill }, items)">Fill {{ changed.length }}</ElButton>
            <ElButton @click="emit('close')">Close</ElButton>
        </div>
    </section>
</template>

<script setup lang="ts">
import { refDebounced } from '@vueuse/core';
import { computed, nextTick, reactive, ref, watch } from 'vue';
import { api, messageOf } from '../api/client';
import { useVocabulary } from '../api/vocabulary';
import type { FillRow, FillSettings, Gallery } from '../api/types';
import Hint from '../shared/Hint.vue';
import ProblemNote from '../shared/ProblemNote.vue';
import SegmentChoice from '../shared/SegmentChoice.vue';

/** ms after the last change until the outcome is asked for. */
const PAUSE = 180;

const props = defineProps<{ gallery: Gallery; items: string[] }>();
const emit = defineEmits<{ apply: [fill: FillSettings, items: string[]]; close: [] }>();
const vocabulary = useVocabulary();
const fill = reactive<FillSettings>({ field: 'title', act: 'set', text: '', find: '', only_empty: false, from: 1 });
const text = ref<{ input?: HTMLInputElement }>();
const rows = ref<FillRow[]>([]);
const problem = ref('');
const changed = computed(() => rows.value.filter(({ after }) => after !== null));

/** As it is written in a text. */
const written = (token: string): string => `{${token}}`;

/** Where one was writing, which goes on behind it. */
async function insert(token: string): Promise<void> {
    const field = text.value?.input;
    const [from, until] = [field?.selectionStart ?? fill.text.length, field?.selectionEnd ?? fill.text.length];
    fill.text = fill.text.slice(0, from) + written(token) + fill.text.slice(until);
    await nextTick();
    const caret = from + written(token).length;
    field?.focus();
    field?.setSelectionRange(caret, caret);
}

async function look(): Promise<void> {
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
}

watch(
    refDebounced(
        computed(() => [{ ...fill }, props.items, props.gallery.version]),
        PAUSE,
    ),
    look,
);
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

.tokens {
    display: flex;
    flex-wrap: wrap;
    gap: 4px;
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

.line .el-select,
.line .el-input-number {
    width: 190px;
}

.token {
    font-variant-numeric: tabular-nums;
}

.tokens .el-button,
.acts .el-button {
    margin: 0;
}

.acts .el-button--info {
    flex: 1;
}
</style>
