<template>
    <TopBar>
        <AccountMenu />
    </TopBar>
    <main class="screen" @dragover.prevent="over = true" @dragleave.self="over = false" @drop.prevent="drop">
        <div class="head">
            <h1 ref="heading" tabindex="-1">Galleries</h1>
            <p v-if="galleries" class="note">{{ galleries.length === 1 ? '1 gallery' : `${galleries.length} galleries` }}</p>
            <ElButton v-if="snags" class="count" :aria-expanded="shows" @click="shows = !shows">{{ total === 0 ? 'No snags' : countOf(total) }}</ElButton>
            <FileButton label="Pictures for a new gallery" multiple primary :accept="accepted" @choose="begin">New gallery from pictures</FileButton>
            <BringGallery />
        </div>
        <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
        <p v-if="did" ref="line" class="did" role="status" tabindex="-1">
            {{ did.what === 'deleted' ? `“${did.title}” is deleted; its pictures stay in the store.` : `“${did.title}” is there.` }}
            <ElButton size="small" @click="takeBack">Take it back</ElButton>
        </p>
        <SiteSnags v-if="snags && shows" :galleries="snags.galleries" :cards="galleries ?? []" />
        <ElSkeleton v-if="isPending" :rows="5" animated aria-label="Fetching your galleries" role="status" />
        <ul v-else class="cards">
            <li v-for="gallery in galleries" :key="gallery.id" class="one">
                <GalleryCard :gallery="gallery" :snags="snags?.galleries.find(({ id }) => id === gallery.id)?.snags.length ?? 0" />
                <GalleryActs :gallery="gallery" @done="tell" @failed="problem = messageOf($event)" />
            </li>
            <li class="drop" :class="{ over }">
                <p><b>Drop pictures here</b> and a gallery begins.</p>
                <p class="note">
                    {{ pictures }}<template v-if="session">, up to {{ session.limits.megabytes }} MB each</template>; whole folders and ZIPs too.
                </p>
            </li>
        </ul>
    </main>
</template>

<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query';
import { computed, nextTick, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { api, messageOf, Problem } from '../api/client';
import { galleriesQuery, sessionQuery, siteSnagsQuery } from '../api/queries';
import { useVocabulary } from '../api/vocabulary';
import type { Gallery } from '../api/types';
import { filesOf } from '../uploads/files-of';
import { useUploads } from '../uploads/use-uploads';
import FileButton from '../shared/FileButton.vue';
import ProblemNote from '../shared/ProblemNote.vue';
import TopBar from '../shared/TopBar.vue';
import AccountMenu from '../shared/AccountMenu.vue';
import { announce } from '../shared/announce';
import SiteSnags from '../snags/SiteSnags.vue';
import { countOf } from '../snags/snags';
import BringGallery from './BringGallery.vue';
import GalleryActs from './GalleryActs.vue';
import GalleryCard from './GalleryCard.vue';

const router = useRouter();
const queries = useQueryClient();
const uploads = useUploads();
const { data: galleries, isPending } = useQuery(galleriesQuery());
const { data: snags } = useQuery(siteSnagsQuery());
const { data: session } = useQuery(sessionQuery());
const { files: types, pictures } = useVocabulary();
const accepted = types.join(',');
const route = useRoute();
const total = computed(() => snags.value?.galleries.reduce((sum, { snags: own }) => sum + own.length, 0) ?? 0);
/** The address says whether the list is open, so that one comes back to it. */
const shows = computed({
    get: () => route.query['snags'] === 'all',
    set: (is) => void router.replace({ query: is ? { snags: 'all' } : {} }),
});
const over = ref(false);
const problem = ref('');

/** What was just done to a gallery as a whole, so that it can be taken back. */
const did = ref<{ what: 'deleted' | 'duplicated'; id: string; title: string } | null>(null);
const line = ref<HTMLElement>();
const heading = ref<HTMLElement>();

async function tell(done: NonNullable<typeof did.value>): Promise<void> {
    did.value = done;
    await refresh();
    await nextTick();
    line.value?.querySelector('button')?.focus();
}

async function takeBack(): Promise<void> {
    const back = did.value;
    if (!back) return;
    try {
        await (back.what === 'deleted' ? api.post(`galleries/${back.id}/restore`, {}) : api.delete(`galleries/${back.id}`));
        did.value = null;
        announce(back.what === 'deleted' ? `“${back.title}” is back.` : `“${back.title}” is gone again.`);
        heading.value?.focus();
        await refresh();
    } catch (error) {
        problem.value = messageOf(error);
    }
}

async function refresh(): Promise<void> {
    await Promise.all([['galleries'], ['pages'], ['store']].map((queryKey) => queries.invalidateQueries({ queryKey })));
}

function drop(event: DragEvent): void {
    over.value = false;
    void filesOf(event.dataTransfer).then(begin);
}

async function begin(files: File[]): Promise<void> {
    if (files.length === 0) return;
    problem.value = '';
    try {
        const gallery = await api.post<Gallery>('galleries', { title: 'New gallery' });
        queries.setQueryData(['gallery', gallery.id], gallery);
        uploads.add(gallery.id, files);
        await router.push({ name: 'pictures', params: { id: gallery.id } });
    } catch (error) {
        problem.value = error instanceof Problem ? error.message : 'The gallery could not be begun. Try again.';
    }
}
</script>

<style scoped>
.screen {
    max-width: 1328px;
    min-height: calc(100vh - 52px);
    margin: 0 auto;
    padding: 24px;
}

.head {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 8px 12px;
    margin-bottom: 18px;
}

.head :deep(.el-button) {
    align-self: center;
    margin-left: 0;
}

.head .note {
    margin-inline-end: auto;
}

h1 {
    font-size: 20px;
    font-weight: 600;
}

.cards {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(300px, 1fr));
    gap: 16px;
}

.one {
    display: flex;
    flex-direction: column;
    border: 1px solid var(--z3);
    border-radius: var(--corner);
    background: var(--z0);
    overflow: clip;
}

.one:hover {
    border-color: var(--z5);
}

.did {
    display: flex;
    align-items: center;
    gap: 12px;
    margin-bottom: 14px;
    padding: 6px 12px;
    border: 1px solid var(--z3);
    background: var(--z0);
}

.drop {
    display: grid;
    place-content: center;
    gap: 4px;
    min-height: 268px;
    padding: 20px;
    border: 2px dashed var(--z4);
    border-radius: var(--corner);
    text-align: center;
}

.head .note,
.drop .note {
    color: var(--z6);
}

.over {
    border-color: var(--verd);
    background: var(--verd-tint);
}
</style>
