<template>
    <TopBar>
        <span class="grow" />
        <button class="quiet" type="button" @click="signOut">Sign out</button>
    </TopBar>
    <main class="screen" @dragover.prevent="over = true" @dragleave.self="over = false" @drop.prevent="drop">
        <div class="head">
            <h1>Galleries</h1>
            <p v-if="galleries" class="note">{{ galleries.length === 1 ? '1 gallery' : `${galleries.length} galleries` }}</p>
            <button class="act first" type="button" @click="input?.click()">New gallery from pictures</button>
            <input ref="input" class="unseen" type="file" multiple :accept="ACCEPTED" aria-label="Pictures for a new gallery" tabindex="-1" @change="choose" />
        </div>
        <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
        <p v-if="isPending" class="note" role="status">Fetching your galleries…</p>
        <ul v-else class="cards">
            <li v-for="gallery in galleries" :key="gallery.id"><GalleryCard :gallery="gallery" /></li>
            <li class="drop" :class="{ over }">
                <p><b>Drop pictures here</b> and a gallery begins.</p>
                <p class="note">
                    JPEG, PNG, WebP, GIF, AVIF or HEIC<template v-if="session">, up to {{ session.limits.megabytes }} MB each</template>; whole folders and ZIPs
                    too.
                </p>
            </li>
        </ul>
    </main>
</template>

<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query';
import { ref } from 'vue';
import { useRouter } from 'vue-router';
import { api, Problem } from '../api/client';
import { galleriesQuery, sessionQuery } from '../api/queries';
import type { Gallery } from '../api/types';
import { filesOf } from '../pictures/files-of';
import { ACCEPTED, useUploads } from '../pictures/use-uploads';
import ProblemNote from '../shared/ProblemNote.vue';
import TopBar from '../shared/TopBar.vue';
import GalleryCard from './GalleryCard.vue';

const router = useRouter();
const queries = useQueryClient();
const uploads = useUploads();
const { data: galleries, isPending } = useQuery(galleriesQuery());
const { data: session } = useQuery(sessionQuery());
const input = ref<HTMLInputElement>();
const over = ref(false);
const problem = ref('');

function drop(event: DragEvent): void {
    over.value = false;
    void filesOf(event.dataTransfer).then(begin);
}

function choose(event: Event): void {
    void begin([...((event.target as HTMLInputElement).files ?? [])]);
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

async function signOut(): Promise<void> {
    await api.delete('session');
    queries.clear();
    await router.push({ name: 'sign-in' });
}
</script>

<style scoped>
.grow {
    flex: 1;
}

.quiet {
    min-height: 32px;
    padding: 0 12px;
    border: 1px solid #4a5860;
    border-radius: var(--corner);
    background: none;
    color: #dfe7ea;
    font: 400 13px var(--type);
    cursor: pointer;
}

.screen {
    max-width: 1328px;
    min-height: calc(100vh - 52px);
    margin: 0 auto;
    padding: 24px;
}

.head {
    display: flex;
    align-items: baseline;
    gap: 12px;
    margin-bottom: 18px;
}

.head .act {
    align-self: center;
    margin-left: auto;
    min-height: 34px;
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
