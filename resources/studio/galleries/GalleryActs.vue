<template>
    <AskBar v-if="asking" class="ask" :label="`Delete ${gallery.title}`" leave="Keep it" @leave="asking = false">
        <b>{{ gallery.title }} is live.</b> {{ pages }}
        <template #acts><ElButton type="danger" plain @click="remove">Delete it all the same</ElButton></template>
    </AskBar>
    <div v-show="!asking" class="acts">
        <ElButton size="small" :aria-label="`Duplicate ${gallery.title}`" @click="duplicate">Duplicate</ElButton>
        <ElButton size="small" :aria-label="`Delete ${gallery.title}`" @click="gallery.state === 'draft' ? remove() : (asking = true)">Delete</ElButton>
    </div>
</template>

<script setup lang="ts">
import { computed, ref } from 'vue';
import { api } from '../api/client';
import type { Gallery, GalleryCard } from '../api/types';
import AskBar from '../shared/AskBar.vue';

/** What can be done to a gallery as a whole; a live one asks, and says which pages change. */
const props = defineProps<{ gallery: GalleryCard }>();
const emit = defineEmits<{ done: [did: { what: 'deleted' | 'duplicated'; id: string; title: string }]; failed: [error: unknown] }>();
const asking = ref(false);
const pages = computed(() => {
    const names = props.gallery.pages;
    return names.length === 0 ? 'Embeds of it elsewhere will be empty.' : `It goes off ${names.join(', ')}, and embeds of it elsewhere will be empty.`;
});

async function remove(): Promise<void> {
    asking.value = false;
    try {
        await api.delete(`galleries/${props.gallery.id}`);
        emit('done', { what: 'deleted', id: props.gallery.id, title: props.gallery.title });
    } catch (error) {
        emit('failed', error);
    }
}

async function duplicate(): Promise<void> {
    try {
        const copy = await api.post<Gallery>(`galleries/${props.gallery.id}/duplicate`, {});
        emit('done', { what: 'duplicated', id: copy.id, title: copy.about.title });
    } catch (error) {
        emit('failed', error);
    }
}
</script>

<style scoped>
.acts {
    display: flex;
    gap: 6px;
    padding: 0 14px 12px;
}

.acts .el-button {
    margin: 0;
}

.ask {
    border-top: 1px solid #dcb3a8;
    border-bottom: 0;
}
</style>
