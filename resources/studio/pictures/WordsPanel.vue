<template>
    <aside class="panel" aria-label="Words of the picture">
        <template v-if="only">
            <h2>{{ only.words.title || only.picture.name }}</h2>
            <p class="note">{{ only.picture.name }} · {{ only.picture.width }} x {{ only.picture.height }} px</p>
            <label v-for="field in FIELDS" :key="field.key">
                <span>{{ field.label }}</span>
                <ElInput
                    v-model="draft[field.key]"
                    :type="field.rows > 1 ? 'textarea' : 'text'"
                    :rows="field.rows"
                    :maxlength="field.longest"
                    @input="later(field.key)"
                    @change="keep(field.key)"
                />
                <small v-if="field.hint" class="note">{{ field.hint }}</small>
            </label>
        </template>
        <template v-else>
            <h2>{{ items.length === 0 ? 'Words' : `${items.length} pictures` }}</h2>
            <p v-if="items.length === 0" class="note">Choose a picture to give it a title, a caption and alt text.</p>
        </template>
        <div v-if="items.length > 0" class="moves">
            <h3>Order</h3>
            <div class="row">
                <button class="act" type="button" :disabled="first === 0" @click="emit('move', 0)">To start</button>
                <button class="act" type="button" :disabled="first === 0" @click="emit('move', first - 1)">Earlier</button>
                <button class="act" type="button" :disabled="isAtEnd" @click="emit('move', first + 1)">Later</button>
                <button class="act" type="button" :disabled="isAtEnd" @click="emit('move', count)">To end</button>
            </div>
            <button class="act rust" type="button" @click="emit('remove')">Take out of the gallery</button>
        </div>
    </aside>
</template>

<script setup lang="ts">
import { computed, reactive, watch } from 'vue';
import type { Item, Words } from '../api/types';

const FIELDS = [
    { key: 'title', label: 'Title', rows: 1, longest: 200, hint: '' },
    { key: 'caption', label: 'Caption', rows: 3, longest: 1000, hint: '' },
    { key: 'alt', label: 'Alt text', rows: 4, longest: 1000, hint: 'What is to be seen, for those who cannot see it.' },
] as const;

/** ms after the last key until words are saved. */
const PAUSE = 900;

const props = defineProps<{ items: Item[]; count: number; places: number[] }>();
const emit = defineEmits<{ words: [item: string, words: Partial<Words>]; move: [place: number]; remove: [] }>();

const only = computed(() => (props.items.length === 1 ? props.items[0] : undefined));
const first = computed(() => props.places[0] ?? 0);
const isAtEnd = computed(() => first.value + props.items.length >= props.count);

const draft = reactive<Words>({ title: '', caption: '', alt: '' });
let waiting: { item: string; key: keyof Words; timer: number } | undefined;

watch(
    () => only.value?.id,
    (_, before) => {
        if (before !== undefined) flush();
    },
    { flush: 'sync' },
);

watch(
    only,
    (item) => {
        // What is being typed is newer than what the server has.
        for (const { key } of FIELDS) if (waiting?.key !== key || waiting.item !== item?.id) draft[key] = item?.words[key] ?? '';
    },
    { immediate: true },
);

function later(key: keyof Words): void {
    if (waiting && waiting.key !== key) flush();
    window.clearTimeout(waiting?.timer);
    waiting = only.value && { item: only.value.id, key, timer: window.setTimeout(flush, PAUSE) };
}

function keep(key: keyof Words): void {
    if (waiting?.key === key) flush();
}

function flush(): void {
    if (!waiting) return;
    const { item, key, timer } = waiting;
    window.clearTimeout(timer);
    waiting = undefined;
    emit('words', item, { [key]: draft[key] });
}
</script>

<style scoped>
.panel {
    display: flex;
    flex-direction: column;
    gap: 12px;
    padding: 14px 16px;
    border-left: 2px solid var(--z4);
    background: var(--z0);
    overflow: auto;
}

h2 {
    overflow-wrap: anywhere;
}

label > span {
    display: block;
    margin-bottom: 4px;
    font-size: 13px;
    color: var(--z6);
}

small {
    display: block;
    margin-top: 3px;
}

.moves {
    display: grid;
    gap: 8px;
    padding-top: 12px;
    border-top: 1px solid var(--z3);
}

.row {
    display: grid;
    grid-template-columns: repeat(4, 1fr);
    gap: 6px;
}

.row .act {
    padding: 0;
}
</style>
