<template>
    <ul class="pictures">
        <li v-for="item in first" :key="item.id">
            <RouterLink :to="placeOf(gallery.id, snag, item.id)" :aria-label="`Go to ${nameOf(item)}`">
                <img v-if="item.picture?.thumbnail" :src="item.picture.thumbnail" alt="" loading="lazy" />
                <span v-else>{{ nameOf(item) }}</span>
            </RouterLink>
        </li>
        <li v-if="rest > 0" class="rest">and {{ rest }} more</li>
    </ul>
</template>

<script setup lang="ts">
import { computed } from 'vue';
import type { Gallery, Item, Snag } from '../api/types';
import { placeOf } from './snags';

/** The pictures that a snag is about, each leading to where it is mended. */
const MOST = 8;

const props = defineProps<{ gallery: Gallery; snag: Snag }>();
const meant = computed(() => props.snag.items.flatMap((id) => props.gallery.items.find((item) => item.id === id) ?? []));
const first = computed(() => meant.value.slice(0, MOST));
const rest = computed(() => meant.value.length - first.value.length);
const nameOf = (item: Item): string => item.words.title || item.picture?.name || 'a text';
</script>

<style scoped>
.pictures {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 6px;
}

a {
    display: block;
    border-radius: 2px;
}

img {
    display: block;
    width: 60px;
    height: 44px;
    object-fit: cover;
}

.rest {
    color: var(--z6);
    font-size: 12px;
}
</style>
