<template>
    <RouterLink class="card" :to="{ name: gallery.pictures > 0 ? 'layout' : 'pictures', params: { id: gallery.id } }">
        <GalleryMiniature :miniature="gallery.miniature" />
        <span class="words">
            <b>{{ gallery.title }}</b>
            <span class="state" :class="gallery.state">{{ state }}</span>
            <span class="note"
                >{{ gallery.pictures === 1 ? '1 picture' : `${gallery.pictures} pictures` }} · {{ places
                }}<template v-if="snags > 0">
                    · <b class="snags">{{ countOf(snags) }}</b></template
                ></span
            >
        </span>
    </RouterLink>
</template>

<script setup lang="ts">
import { computed } from 'vue';
import type { GalleryCard as Card } from '../api/types';
import { countOf } from '../snags/snags';
import GalleryMiniature from '../shared/GalleryMiniature.vue';

const props = defineProps<{ gallery: Card; snags: number }>();

const places = computed(() => (props.gallery.pages.length === 0 ? 'on no page yet' : `on ${props.gallery.pages.join(', ')}`));
const state = computed(() => {
    switch (props.gallery.state) {
        case 'draft':
            return 'Draft';
        case 'live':
            return 'Live';
        case 'changed':
            return props.gallery.changes === 1 ? 'Live · 1 change since' : `Live · ${props.gallery.changes} changes since`;
    }
    return '';
});
</script>

<style scoped>
.card {
    display: block;
    flex: 1;
    color: inherit;
    text-decoration: none;
}

.words {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 2px 12px;
    padding: 10px 14px 12px;
}

b {
    font-weight: 600;
    font-size: 15px;
}

.state {
    align-self: center;
    font-size: 12px;
    color: var(--z5);
}

.state.live {
    color: var(--verd);
    font-weight: 600;
}

.state.changed {
    color: #785c00;
    font-weight: 600;
}

.note .snags {
    font-size: inherit;
    color: var(--rust);
}

.note {
    grid-column: 1 / -1;
}
</style>
