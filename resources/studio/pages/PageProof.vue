<template>
    <WindowSheet>
        <template #note>{{ page.title }}, as visitors will see it. {{ hint }}</template>
        <template #default="{ frame: style, size, scale, height }">
            <iframe ref="frame" :src="address" sandbox="allow-same-origin" :title="`${page.title}, as visitors will see it`" :style="style" />
            <PaneOutline
                v-for="pane in own"
                :key="pane.id"
                :pane="pane"
                :gallery="gallery.about.title"
                :document="shown"
                :scale="scale"
                :height="height"
                :chosen="pane.id === chosen"
                :marks="pane.id === chosen && size === 'wide' ? marks : null"
                :resizable="size === 'wide'"
                :looked="looked"
                @choose="emit('choose', pane.id)"
                @resize="emit('resize', pane.id, $event)"
                @move="emit('move', pane.id, $event)"
            />
        </template>
    </WindowSheet>
</template>

<script setup lang="ts">
import { useEventListener, useIntervalFn } from '@vueuse/core';
import { computed, ref, shallowRef, watch } from 'vue';
import type { Gallery, PaneDetails, SitePage } from '../api/types';
import { useVocabulary } from '../api/vocabulary';
import PaneOutline from './PaneOutline.vue';
import { roomOf, type Room } from './room';
import WindowSheet from '../shared/WindowSheet.vue';

/** ms between looks whether another page is shown, and whether something on it stands elsewhere. */
const LISTENS = 80;

const props = defineProps<{
    page: SitePage;
    gallery: Gallery;
    /** The pane that is being set. */
    chosen: string | undefined;
    marks: PaneDetails['marks'] | null;
    /** A pane that waits for its new place. */
    moving: string | null;
}>();
const emit = defineEmits<{
    place: [spot: number, room: Room | null];
    choose: [pane: string];
    resize: [pane: string, px: number];
    move: [pane: string, spot: number];
}>();

const { wide, phone } = useVocabulary().widths;
const frame = ref<HTMLIFrameElement>();
const shown = shallowRef<Document>();
/** Counted up, so that what lies over the page looks again where it belongs. */
const looked = ref(0);
const own = computed(() => props.page.panes.filter(({ gallery_id }) => gallery_id === props.gallery.id));
const hint = computed(() => {
    if (props.moving !== null) return 'Choose where it goes.';
    return own.value.length === 0 ? 'Choose a place for the gallery.' : 'Drag the gallery by its name, or its edge.';
});
const address = computed(() => {
    const panes = props.page.panes.map((pane) => [pane.id, pane.spot, pane.name, JSON.stringify(pane.place), JSON.stringify(pane.exceptions)].join('@'));
    const state = [props.page.body, props.page.title, props.page.menu_label, ...panes, props.gallery.version].join('.');
    return `/studio/preview/${props.page.id}${props.page.brought_in ? props.page.address : ''}?gallery=${props.gallery.id}&at=${encodeURIComponent(hashed(state))}`;
});

/** Short, and another one for another state. */
function hashed(text: string): string {
    let hash = 5381;
    for (let i = 0; i < text.length; i++) hash = ((hash * 33) ^ text.charCodeAt(i)) >>> 0;
    return hash.toString(36) + text.length.toString(36);
}

/** As soon as the page can be seen: its pictures may come long after its places. */
function listen(): void {
    looked.value++;
    const now = frame.value?.contentDocument;
    if (!now || now.URL === 'about:blank' || now === shown.value || now.readyState === 'loading') return;
    shown.value = now;
    // From now on it heeds what is done in it.
    now.documentElement.dataset['heeds'] = '';
    tell();
    now.addEventListener('click', (event) => {
        event.preventDefault();
        const at = event.target as Element;
        const spot = at.closest<HTMLElement>('[data-spot]')?.dataset['spot'];
        const pane = at.closest<HTMLElement>('[data-pane]')?.dataset['pane'];
        if (spot !== undefined) emit('place', Number(spot), props.page.brought_in ? roomOf(now, Number(spot), { wide, phone }) : null);
        else if (own.value.some(({ id }) => id === pane)) emit('choose', pane as string);
    });
}

/** Places are seen by themselves while one is looked for. */
function tell(): void {
    shown.value?.documentElement.toggleAttribute('data-placing', own.value.length === 0 || props.moving !== null);
    for (const button of shown.value?.querySelectorAll('[data-spot] button') ?? [])
        button.textContent = props.moving === null ? `Place “${props.gallery.about.title}” here` : `Move “${props.gallery.about.title}” here`;
}

watch(() => [props.moving, own.value.length], tell);
useIntervalFn(listen, LISTENS);
useEventListener(
    () => shown.value?.defaultView,
    'scroll',
    () => looked.value++,
    { passive: true },
);
</script>
