<template>
    <div class="groups">
        <p v-if="isPending" class="note" role="status">Looking…</p>
        <NothingHere v-else-if="groups.length === 0">No two pictures look alike.</NothingHere>
        <section v-for="group in groups" :key="group[0]?.id" class="group" :aria-label="`${group.length} pictures that look alike`">
            <h2>{{ group.length }} look alike. Keep which?</h2>
            <ul>
                <li v-for="picture in group" :key="picture.id">
                    <img v-if="picture.thumbnail" :src="picture.thumbnail" alt="" />
                    <b>{{ picture.title || picture.name }}</b>
                    <span class="note"
                        >{{ picture.width }} x {{ picture.height }} px ·
                        {{ picture.uses === 0 ? 'not used' : `in ${picture.uses} ${picture.uses === 1 ? 'gallery' : 'galleries'}` }}</span
                    >
                    <ElButton @click="keepOnly(group, picture.id)">Keep this one</ElButton>
                </li>
            </ul>
        </section>
    </div>
</template>

<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query';
import { computed } from 'vue';
import { lookAlikesQuery } from '../api/queries';
import type { StoredPicture } from '../api/types';
import NothingHere from '../shared/NothingHere.vue';

/** Those of a group that are to go into the bin. */
const emit = defineEmits<{ bin: [pictures: string[]] }>();
const { data, isPending } = useQuery(lookAlikesQuery());
const groups = computed(() => data.value?.groups ?? []);

function keepOnly(group: StoredPicture[], kept: string): void {
    emit(
        'bin',
        group.filter(({ id }) => id !== kept).map(({ id }) => id),
    );
}
</script>

<style scoped>
.groups {
    height: 100%;
    overflow: auto;
}

/* On the mat, where other notes would be too pale. */
.groups > .note {
    color: var(--z6);
}

.group {
    margin-bottom: 16px;
    padding: 12px;
    border: 1px solid var(--z3);
    border-radius: var(--corner);
    background: var(--z0);
}

ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(240px, 1fr));
    gap: 12px;
    margin-top: 10px;
}

li {
    display: grid;
    gap: 4px;
    justify-items: start;
}

img {
    width: 100%;
    height: 180px;
    object-fit: contain;
    background: var(--z1);
}
</style>
