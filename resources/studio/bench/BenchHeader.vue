<template>
    <TopBar v-if="gallery">
        <h1 class="unseen">{{ gallery.about.title }}</h1>
        <input
            class="title"
            :value="gallery.about.title"
            aria-label="Title of the gallery"
            maxlength="120"
            spellcheck="false"
            @change="rename"
            @keydown.enter="($event.target as HTMLElement).blur()"
        />
        <span class="grow" />
        <span class="state" role="status">
            {{ bench.busy > 0 ? 'Saving…' : `Saved ${savedAt}` }} ·
            <b v-if="count > 0">{{ count === 1 ? '1 change not live' : `${count} changes not live` }}</b>
            <span v-else>all live</span>
        </span>
        <button class="icon" type="button" :disabled="!gallery.can_undo" aria-label="Undo" title="Undo (Ctrl Z)" @click="undo">
            <svg viewBox="0 0 20 20" aria-hidden="true"><path d="M7 4 3 8l4 4M3 8h8a5 5 0 0 1 0 10H8" /></svg>
        </button>
        <button class="icon" type="button" :disabled="!gallery.can_redo" aria-label="Redo" title="Redo (Ctrl Shift Z)" @click="redo">
            <svg viewBox="0 0 20 20" aria-hidden="true"><path d="m13 4 4 4-4 4M17 8H9a5 5 0 0 0 0 10h3" /></svg>
        </button>
        <PutLive :id="id" />
    </TopBar>
</template>

<script setup lang="ts">
import { computed } from 'vue';
import TopBar from '../shared/TopBar.vue';
import PutLive from './PutLive.vue';
import { useGallery } from './use-gallery';

const props = defineProps<{ id: string }>();
const { gallery, bench, change, undo, redo } = useGallery(() => props.id);

const count = computed(() => gallery.value?.live.changes.length ?? 0);
const savedAt = computed(() => new Date(gallery.value?.saved_at ?? 0).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' }));

function rename(event: Event): void {
    const field = event.target as HTMLInputElement;
    const title = field.value.trim();
    if (title === '') field.value = gallery.value?.about.title ?? '';
    else void change({ kind: 'about', about: { title } });
}
</script>

<style scoped>
.title {
    min-width: 120px;
    max-width: 420px;
    height: 32px;
    padding: 0 6px;
    border: 1px solid transparent;
    border-radius: var(--corner);
    background: none;
    color: #fff;
    font: 600 16px var(--type);
    field-sizing: content;
}

.title:hover {
    border-color: #4a5860;
}

.grow {
    flex: 1;
}

.state {
    color: #c5d1d6;
    font-size: 13px;
    font-variant-numeric: tabular-nums;
    white-space: nowrap;
}

b {
    color: var(--primer);
    font-weight: 600;
}

.icon {
    display: grid;
    place-items: center;
    width: 32px;
    height: 32px;
    padding: 0;
    border: 1px solid #4a5860;
    border-radius: var(--corner);
    background: none;
    color: #dfe7ea;
    cursor: pointer;
}

.icon:disabled {
    color: #6d7d86;
    cursor: default;
}

svg {
    width: 16px;
    height: 16px;
    fill: none;
    stroke: currentColor;
    stroke-width: 1.8;
}
</style>
