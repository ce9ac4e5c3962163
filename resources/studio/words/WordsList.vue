<template>
    <ul class="list" aria-label="Words of the pictures">
        <li v-for="(item, row) in items.slice(0, drawn)" :key="item.id">
            <img v-if="item.picture?.thumbnail" :src="item.picture.thumbnail" alt="" loading="lazy" />
            <div>
                <SavedField
                    v-for="column in texts"
                    :key="column.key"
                    :label="`${column.label}, picture ${row + 1}`"
                    :model-value="item.words[column.key as WordField]"
                    :of="item.id"
                    :rows="column.hasLines ? 2 : 1"
                    :longest="column.longest"
                    :note="item.exceptions.includes(column.key) && item.picture ? 'in this gallery' : ''"
                    :hints="column.key === 'alt' ? item.flaws.map((code) => flawOf(code).advice) : []"
                    bad
                    @save="(text, id) => emit('save', id, { [column.key]: text }, TYPING)"
                />
            </div>
        </li>
        <li v-if="drawn < items.length" ref="more" aria-hidden="true" />
    </ul>
</template>

<script setup lang="ts">
import { useIntersectionObserver } from '@vueuse/core';
import { computed, ref } from 'vue';
import type { Item, WordChange, WordField } from '../api/types';
import { flawOf } from '../api/vocabulary';
import { TYPING } from '../outbox/use-outbox';
import SavedField from '../outbox/SavedField.vue';
import type { Column } from './fields';

const props = defineProps<{ items: Item[]; columns: Column[] }>();
const emit = defineEmits<{ save: [item: string, words: WordChange, pause: number] }>();

/** Drawn at first, and as many more whenever the last of them comes near: fields of a thousand pictures take half a minute. */
const STEP = 30;
const NEAR = '800px';

const drawn = ref(STEP);
const more = ref<HTMLElement>();
useIntersectionObserver(more, ([entry]) => entry?.isIntersecting && (drawn.value += STEP), { rootMargin: NEAR });
const texts = computed(() => props.columns.filter(({ key }) => key !== 'decorative'));
</script>

<style scoped>
li {
    display: grid;
    grid-template-columns: 72px minmax(0, 1fr);
    gap: 12px;
    padding: 12px;
    border-bottom: 1px solid var(--z3);
    background: var(--z0);
    content-visibility: auto;
    contain-intrinsic-height: auto 220px;
}

li > div {
    display: grid;
    gap: 8px;
}

img {
    width: 72px;
    height: 72px;
    object-fit: cover;
    background: var(--z2);
}
</style>
