<template>
    <div ref="room" class="room">
        <iframe
            ref="frame"
            :src="address"
            sandbox="allow-same-origin"
            :title="`Preview of ${page.title}`"
            :style="{ width: `${WINDOW}px`, height: `${height / scale}px`, transform: `scale(${scale})` }"
            @load="listen"
        />
    </div>
</template>

<script setup lang="ts">
import { useElementSize, useIntervalFn } from '@vueuse/core';
import { computed, ref } from 'vue';
import type { Gallery, SitePage } from '../api/types';

/** px of the window the page is drawn for. */
const WINDOW = 1000;

/** ms between looks whether another page is shown; nothing tells it before all of that page has come. */
const LISTENS = 80;

const props = defineProps<{ page: SitePage; gallery: Gallery }>();
const emit = defineEmits<{ place: [spot: number] }>();
const room = ref<HTMLElement>();
const frame = ref<HTMLIFrameElement>();
const { width, height } = useElementSize(room);
const scale = computed(() => Math.max(0.2, width.value / WINDOW));
const address = computed(() => {
    const state = [props.page.menu_label, ...props.page.panes.map((pane) => `${pane.id}@${pane.tile_size ?? ''}`), props.gallery.version].join('.');
    return `/studio/preview/${props.page.id}?gallery=${props.gallery.id}&at=${encodeURIComponent(state)}`;
});

/** Pages that are listened to. */
const heard = new WeakSet<Document>();

/** As soon as the page can be seen: its pictures may come long after its spots. */
function listen(): void {
    const shown = frame.value?.contentDocument;
    if (!shown || shown.URL === 'about:blank' || heard.has(shown)) return;
    heard.add(shown);
    shown.addEventListener('click', (event) => {
        event.preventDefault();
        const spot = (event.target as Element).closest<HTMLElement>('[data-spot]')?.dataset['spot'];
        if (spot !== undefined) emit('place', Number(spot));
    });
}

useIntervalFn(listen, LISTENS);
</script>

<style scoped>
.room {
    height: 100%;
    overflow: hidden;
    background: #fff;
    outline: 2px solid var(--z4);
}

iframe {
    display: block;
    border: 0;
    transform-origin: 0 0;
}
</style>
