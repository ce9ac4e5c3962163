<template>
    <div class="gallery">
        <GalleryHeader v-if="gallery" :id="id" :said="said" @undo="undo" @redo="redo" />
        <TopBar v-else />
        <StageNav v-if="gallery" :gallery="gallery" @keys="keys?.show()" />
        <ClashBar v-if="state.clash" :clash="state.clash" @settle="settle" />
        <AskBar v-if="asked" :label="`Undo what ${asked.by} did`" @leave="asked = null">
            <b>{{ asked.by }} did this last, not you:</b> {{ asked.says }}.
            <template #acts><ElButton @click="undoTheirs">Take it back all the same</ElButton></template>
        </AskBar>
        <NotKept v-for="one in notKept" :key="one.key" :refused="one" />
        <ProblemNote v-if="state.problem" class="trouble">{{ state.problem }}</ProblemNote>
        <main v-if="gallery" class="stage"><RouterView :key="id" /></main>
        <main v-else class="waiting">
            <h1 class="unseen">{{ route.meta.title }}</h1>
            <ProblemNote v-if="error">{{ error.message }} <RouterLink :to="{ name: 'galleries' }">Back to the galleries</RouterLink></ProblemNote>
            <ElSkeleton v-else :rows="6" animated role="status" aria-label="Fetching the gallery" />
        </main>
        <Shortcuts ref="keys" />
    </div>
</template>

<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core';
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import { useOutbox } from '../outbox/use-outbox';
import AskBar from '../shared/AskBar.vue';
import { isWriting } from '../shared/is-writing';
import ProblemNote from '../shared/ProblemNote.vue';
import TopBar from '../shared/TopBar.vue';
import ClashBar from './ClashBar.vue';
import GalleryHeader from './GalleryHeader.vue';
import NotKept from './NotKept.vue';
import Shortcuts from './Shortcuts.vue';
import StageNav from './StageNav.vue';
import { useGallery } from '../gallery-state/use-gallery';
import { usePulse } from '../gallery-state/use-pulse';
import { useSteps } from '../gallery-state/use-steps';

const props = defineProps<{ id: string }>();
const route = useRoute();
const shared = useGallery(() => props.id);
const { gallery, state, error, settle } = shared;
const { asked, said, undo, undoTheirs, redo } = useSteps(shared);
const outbox = useOutbox();
const keys = ref<InstanceType<typeof Shortcuts>>();
const notKept = computed(() => outbox.refused.filter(({ place }) => place === `gallery:${props.id}`));

usePulse(
    () => props.id,
    () => state.value.busy > 0 || state.value.waiting > 0 || state.value.clash !== null,
);

onKeyStroke(['z', 'Z', 'y'], (event) => {
    if (!(event.ctrlKey || event.metaKey) || isWriting(event.target)) return;
    event.preventDefault();
    if (event.key === 'y' || event.shiftKey) void redo();
    else void undo();
});
</script>

<style scoped>
.gallery {
    display: grid;
    grid-template-rows: auto auto auto auto minmax(0, 1fr);
    grid-template-columns: minmax(0, 1fr);
    height: calc(100vh - var(--tray, 0px));
}

.stage,
.waiting {
    grid-row: 5;
    min-height: 0;
}

.waiting {
    padding: 24px;
}

.trouble {
    border-width: 0 0 1px;
    border-radius: 0;
    padding-inline: 16px;
}

@media (width < 900px) {
    .gallery {
        height: auto;
        min-height: 100vh;
    }
}
</style>
