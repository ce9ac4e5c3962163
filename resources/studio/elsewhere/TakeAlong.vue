<template>
    <ul class="along">
        <li v-for="one in ways" :key="one.href">
            <a :href="one.href" :download="one.download">{{ one.label }}</a>
            <p class="note">{{ one.says }}</p>
        </li>
        <template v-if="isOpen">
            <li v-for="one in machines" :key="one.href">
                <a :href="one.href" target="_blank">{{ one.label }}</a>
                <p class="note">{{ one.says }}</p>
            </li>
        </template>
        <li v-else class="note">Feed and manifest are there once it is live and open.</li>
    </ul>
</template>

<script setup lang="ts">
import { computed } from 'vue';

/** A gallery as files. */
const props = defineProps<{ id: string; isOpen: boolean }>();

const ways = computed(() => [
    {
        href: `/studio/api/galleries/${props.id}/pages`,
        download: true,
        label: 'Pages as a ZIP',
        says: 'HTML, style, script and the pictures they show, as it is saved. Upload it anywhere, or open it from a folder.',
    },
    {
        href: `/studio/api/galleries/${props.id}/file`,
        download: true,
        label: 'Gallery file',
        says: 'Originals, words, order and design in one file. Bring it in here or elsewhere, and nothing is lost.',
    },
    {
        href: `/studio/api/galleries/${props.id}/words.csv`,
        download: true,
        label: 'Words as a table',
        says: 'CSV for a spreadsheet; it comes back in Words.',
    },
]);

const machines = computed(() => [
    { href: `/feed/${props.id}.xml`, label: 'Feed', says: 'Atom, for readers that follow it.' },
    { href: `/iiif/${props.id}/manifest.json`, label: 'IIIF manifest', says: 'For viewers of museums and libraries.' },
]);
</script>

<style scoped>
.along {
    display: grid;
    gap: 8px;
}
</style>
