<template>
    <ElDrawer
        :model-value="true"
        class="drawer"
        title="Add from elsewhere"
        direction="ltr"
        size="min(620px, 100%)"
        :modal="false"
        modal-penetrable
        @close="emit('close')"
    >
        <SegmentChoice v-model="way" label="Add from" :options="ways" />
        <div v-if="way === 'folder'" class="plain">
            <p>A whole folder, with the folders in it.</p>
            <FileButton label="Folder to add" folder @choose="folder">Choose a folder</FileButton>
            <p class="note">You can also drop folders and ZIPs anywhere on this screen, and paste a picture from the clipboard.</p>
        </div>
        <form v-else-if="way === 'text'" class="plain" @submit.prevent="addText">
            <p>A small piece of text among the pictures.</p>
            <ElInput v-model="title" aria-label="Title of the text" placeholder="Title" :maxlength="title_.longest" />
            <ElInput v-model="text" type="textarea" :rows="8" aria-label="Text" placeholder="Text" :maxlength="longest.text" />
            <ElButton native-type="submit" :disabled="text.trim() === ''">Add the text</ElButton>
        </form>
        <StorePicker v-else-if="way === 'store'" :in-gallery="inGallery" @put="put" />
        <SourcePanel v-else :key="way" :name="way" :gallery-id="gallery.id" />
        <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
    </ElDrawer>
</template>

<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query';
import { computed, ref } from 'vue';
import { api, messageOf } from '../api/client';
import { sourcesQuery } from '../api/queries';
import { useVocabulary, wordOf } from '../api/vocabulary';
import type { Gallery, GalleryChanged } from '../api/types';
import { useGallery } from '../gallery-state/use-gallery';
import { announce } from '../shared/announce';
import FileButton from '../shared/FileButton.vue';
import ProblemNote from '../shared/ProblemNote.vue';
import SegmentChoice from '../shared/SegmentChoice.vue';
import SourcePanel from '../store/SourcePanel.vue';
import StorePicker from '../store/StorePicker.vue';
import { useUploads } from '../uploads/use-uploads';

const props = defineProps<{ gallery: Gallery }>();
const emit = defineEmits<{ close: [] }>();
const { keep } = useGallery(() => props.gallery.id);
const { data: sources } = useQuery(sourcesQuery());
const uploads = useUploads();
const way = ref('store');
const { longest } = useVocabulary();
const title_ = wordOf('title');
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

function folder(files: File[]): void {
    uploads.add(props.gallery.id, files);
    emit('close');
}

async function act(work: () => Promise<GalleryChanged>, told: string): Promise<void> {
    problem.value = '';
    try {
        await keep(await work());
        announce(told);
    } catch (error) {
        problem.value = messageOf(error);
    }
}

async function put(pictures: string[]): Promise<void> {
    await act(
        () => api.post<GalleryChanged>(`galleries/${props.gallery.id}/items`, { pictures }),
        pictures.length === 1 ? 'Picture put in.' : `${pictures.length} pictures put in.`,
    );
}

async function addText(): Promise<void> {
    await act(() => api.post<GalleryChanged>(`galleries/${props.gallery.id}/texts`, { title: title.value, text: text.value }), 'Text added at the end.');
    title.value = text.value = '';
}
</script>

<style>
.drawer .el-drawer__body {
    display: grid;
    grid-template-rows: auto minmax(0, 1fr) auto;
    gap: 12px;
    background: var(--z1);
}
</style>

<style scoped>
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
