<template>
    <section class="drawer" aria-label="More ways to add" @keydown.esc="emit('close')">
        <header>
            <SegmentChoice v-model="way" label="Add from" :options="ways" />
            <button ref="closer" class="close" type="button" aria-label="Close" @click="emit('close')">×</button>
        </header>
        <div v-if="way === 'folder'" class="plain">
            <p>A whole folder, with the folders in it.</p>
            <button class="act" type="button" @click="input?.click()">Choose a folder</button>
            <input ref="input" class="unseen" type="file" webkitdirectory aria-label="Folder to add" tabindex="-1" @change="folder" />
            <p class="note">You can also drop folders and ZIPs anywhere on this screen, and paste a picture from the clipboard.</p>
        </div>
        <form v-else-if="way === 'text'" class="plain" @submit.prevent="addText">
            <p>A small piece of text among the pictures.</p>
            <ElInput v-model="title" aria-label="Title of the text" placeholder="Title" maxlength="200" />
            <ElInput v-model="text" type="textarea" :rows="8" aria-label="Text" placeholder="Text" maxlength="20000" />
            <button class="act" :disabled="text.trim() === ''">Add the text</button>
        </form>
        <StorePicker v-else-if="way === 'store'" :in-gallery="inGallery" @put="put" />
        <SourcePanel v-else :key="way" :name="way" :gallery-id="gallery.id" />
        <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
    </section>
</template>

<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query';
import { computed, onMounted, ref } from 'vue';
import { api, messageOf } from '../api/client';
import { sourcesQuery } from '../api/queries';
import type { Gallery } from '../api/types';
import { useGallery } from '../bench/use-gallery';
import { announce } from '../shared/announce';
import ProblemNote from '../shared/ProblemNote.vue';
import SegmentChoice from '../shared/SegmentChoice.vue';
import SourcePanel from '../store/SourcePanel.vue';
import StorePicker from '../store/StorePicker.vue';
import { useUploads } from './use-uploads';

const props = defineProps<{ gallery: Gallery }>();
const emit = defineEmits<{ close: [] }>();
const { keep } = useGallery(() => props.gallery.id);
const { data: sources } = useQuery(sourcesQuery());
const uploads = useUploads();
const way = ref('store');
const input = ref<HTMLInputElement>();
const closer = ref<HTMLButtonElement>();
const title = ref('');
const text = ref('');
const problem = ref('');

const ways = computed(() => [
    { value: 'store', label: 'Store' },
    ...(sources.value ?? []).map(({ name, label }) => ({ value: name, label: label.charAt(0).toUpperCase() + label.slice(1) })),
    { value: 'folder', label: 'Folder' },
    { value: 'text', label: 'Text' },
]);
const inGallery = computed(() => new Set(props.gallery.items.flatMap(({ picture }) => picture?.id ?? [])));

onMounted(() => closer.value?.focus());

function folder(event: Event): void {
    uploads.add(props.gallery.id, [...((event.target as HTMLInputElement).files ?? [])]);
    emit('close');
}

async function act(work: () => Promise<Gallery>, told: string): Promise<void> {
    problem.value = '';
    try {
        keep(await work());
        announce(told);
    } catch (error) {
        problem.value = messageOf(error);
    }
}

async function put(pictures: string[]): Promise<void> {
    await act(
        () => api.post<Gallery>(`galleries/${props.gallery.id}/items`, { pictures }),
        pictures.length === 1 ? 'Picture put in.' : `${pictures.length} pictures put in.`,
    );
}

async function addText(): Promise<void> {
    await act(() => api.post<Gallery>(`galleries/${props.gallery.id}/texts`, { title: title.value, text: text.value }), 'Text added at the end.');
    title.value = text.value = '';
}
</script>

<style scoped>
.drawer {
    position: absolute;
    z-index: 15;
    inset: 0 auto 0 0;
    display: grid;
    grid-template-rows: auto minmax(0, 1fr) auto;
    gap: 12px;
    width: min(620px, 100%);
    padding: 12px 16px;
    border-right: 2px solid var(--z4);
    background: var(--z1);
    box-shadow: 8px 0 24px rgb(20 27 31 / 0.22);
}

header {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 32px;
    align-items: start;
    gap: 12px;
}

.close {
    height: 32px;
    padding: 0;
    border: 1px solid var(--z4);
    border-radius: var(--corner);
    background: var(--z0);
    font-size: 18px;
    color: var(--z7);
    cursor: pointer;
}

.plain {
    display: grid;
    align-content: start;
    justify-items: start;
    gap: 10px;
}

.plain .el-input,
.plain .el-textarea {
    width: 100%;
}
</style>
