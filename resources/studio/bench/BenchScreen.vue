<template>
    <div class="bench">
        <BenchHeader v-if="gallery" :id="id" />
        <TopBar v-else />
        <StageNav v-if="gallery" :gallery="gallery" />
        <div v-if="bench.clash" class="bar" role="alert">
            <p>{{ bench.clash.message }}</p>
            <button class="act" type="button" @click="settle('mine')">Make my change on top</button>
            <button class="act" type="button" @click="settle('theirs')">Leave it as it is there</button>
        </div>
        <ProblemNote v-if="bench.problem" class="trouble">{{ bench.problem }}</ProblemNote>
        <main v-if="gallery" class="stage"><RouterView :key="id" /></main>
        <main v-else class="waiting">
            <ProblemNote v-if="error">{{ error.message }} <RouterLink :to="{ name: 'galleries' }">Back to the galleries</RouterLink></ProblemNote>
            <p v-else role="status">Fetching the gallery…</p>
        </main>
    </div>
</template>

<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core';
import ProblemNote from '../shared/ProblemNote.vue';
import TopBar from '../shared/TopBar.vue';
import BenchHeader from './BenchHeader.vue';
import StageNav from './StageNav.vue';
import { useGallery } from './use-gallery';

const props = defineProps<{ id: string }>();
const { gallery, bench, error, settle, undo, redo } = useGallery(() => props.id);

onKeyStroke(['z', 'Z', 'y'], (event) => {
    const isText = event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement;
    if (!(event.ctrlKey || event.metaKey) || (isText && (event.target as HTMLInputElement).type !== 'radio')) return;
    event.preventDefault();
    if (event.key === 'y' || event.shiftKey) void redo();
    else void undo();
});
</script>

<style scoped>
.bench {
    display: grid;
    grid-template-rows: auto auto auto auto minmax(0, 1fr);
    grid-template-columns: minmax(0, 1fr);
    height: 100vh;
}

.stage,
.waiting {
    grid-row: 5;
    min-height: 0;
}

.waiting {
    padding: 24px;
}

.bar {
    display: flex;
    align-items: center;
    gap: 12px;
    padding: 8px 16px;
    border-bottom: 1px solid #dcb3a8;
    background: var(--rust-tint);
    color: var(--rust);
}

.bar p {
    flex: 1;
}

.trouble {
    border-width: 0 0 1px;
    border-radius: 0;
    padding-inline: 16px;
}
</style>
