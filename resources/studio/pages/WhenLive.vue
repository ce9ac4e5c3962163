<template>
    <section class="live" aria-label="When put live">
        <h3>When put live</h3>
        <p v-if="gallery.live.changes.length === 0" class="note">All of it is live.</p>
        <ul v-else>
            <li v-if="own > 0">
                <b>{{ gallery.about.title }}</b>: {{ own === 1 ? ownWords[0] : `${own} changes of the gallery itself` }}
            </li>
            <li v-for="one in gallery.live.pages.filter(({ changes }) => changes.length > 0)" :key="one.id">
                <b>{{ one.title }}</b>: {{ one.changes.join(', ') }}
            </li>
        </ul>
        <div class="acts">
            <RouterLink class="go" :to="{ name: 'site', query: { view: 'not-live' } }">Before and after…</RouterLink>
            <PhoneLook v-if="page" :key="page" :page="page" of="draft" />
        </div>
    </section>
</template>

<script setup lang="ts">
import { computed } from 'vue';
import type { Gallery } from '../api/types';
import PhoneLook from '../site/PhoneLook.vue';

const props = defineProps<{ gallery: Gallery; page: string | undefined }>();
const onPages = computed(() => props.gallery.live.pages.reduce((sum, { changes }) => sum + changes.length, 0));
const ownWords = computed(() => props.gallery.live.changes.slice(0, Math.max(0, props.gallery.live.changes.length - onPages.value)));
const own = computed(() => ownWords.value.length);
</script>

<style scoped>
.live {
    display: grid;
    gap: 8px;
    padding-top: 10px;
    border-top: 2px solid var(--z4);
    font-size: 13px;
}

li {
    padding: 2px 0 2px 10px;
    border-inline-start: 2px solid var(--z4);
    margin-bottom: 4px;
    line-height: 1.4;
}

.acts {
    display: grid;
    gap: 8px;
    justify-items: start;
}

b {
    font-weight: 600;
}
</style>
