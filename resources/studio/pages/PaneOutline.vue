<template>
    <div v-if="box" class="outline" :class="{ on: chosen }" :style="place">
        <button
            class="name"
            type="button"
            :aria-pressed="chosen"
            :aria-label="`${gallery}, ${pane.says}, ${pane.says_spot}`"
            @click="emit('choose')"
            @pointerdown="lift"
        >
            {{ gallery }} · {{ dragged === null ? pane.says : `${dragged} px wide` }}
        </button>
        <template v-if="chosen && resizable">
            <i v-for="mark in seen" :key="mark" class="mark" :style="markAt(mark)" aria-hidden="true" />
            <button
                class="edge"
                :class="side"
                :style="{ top: `${grabAt}px` }"
                type="button"
                role="slider"
                :aria-label="`Width of ${gallery} here`"
                :aria-valuemin="range.least"
                :aria-valuemax="most"
                :aria-valuenow="Math.round(px)"
                :aria-valuetext="`${Math.round(px)} px`"
                @pointerdown="grip"
                @keydown="press"
            >
                <span v-if="dragged !== null" class="px">{{ Math.round(px) }} px</span>
            </button>
        </template>
    </div>
</template>

<script setup lang="ts">
import { computed, onScopeDispose, ref, watch } from 'vue';
import type { PaneDetails, SitePane } from '../api/types';
import { useVocabulary } from '../api/vocabulary';
import { announce } from '../shared/announce';

const props = defineProps<{
    pane: SitePane;
    gallery: string;
    document: Document | undefined;
    scale: number;
    /** px of the page that are seen at once, on the screen. */
    height: number;
    chosen: boolean;
    marks: PaneDetails['marks'] | null;
    resizable: boolean;
    /** Another number whenever it may stand elsewhere. */
    looked: number;
}>();
const emit = defineEmits<{ choose: []; resize: [px: number]; move: [spot: number] }>();

/** px from a mark within which the edge stops at it. */
const NEAR = 9;

/** px of a step by keyboard, and of a small one. */
const STEPS = { far: 10, near: 1 };

/** px of the handle. */
const GRIP = 40;

/** px that the pointer goes before it drags. */
const DRAGS = 5;

const places = useVocabulary().places;
const range = computed(() => {
    const setting = places.find(({ path }) => path === 'px');
    return { least: setting?.least ?? 1, most: setting?.most ?? 9999 };
});
const box = ref<{ left: number; top: number; width: number; height: number; room: number } | null>(null);
/** px while the edge is dragged or moved by keyboard; null while it stands. */
const dragged = ref<number | null>(null);
let timer = 0;

const element = computed(() => (props.looked >= 0 ? props.document?.querySelector<HTMLElement>(`[data-pane="${props.pane.id}"]`) : null));
const px = computed(() => dragged.value ?? box.value?.width ?? 0);
const most = computed(() => Math.min(range.value.most, Math.round(box.value?.room ?? range.value.most)));
const side = computed(() => (props.pane.place.width === 'wide' || props.pane.place.width === 'edges' ? 'start' : props.pane.place.side));
const seen = computed(() => (dragged.value === null ? [] : [...new Set([...(props.marks?.page ?? []), ...(props.marks?.tiles ?? [])])]));
const place = computed(() => ({
    left: `${(box.value?.left ?? 0) * props.scale}px`,
    top: `${(box.value?.top ?? 0) * props.scale}px`,
    width: `${(box.value?.width ?? 0) * props.scale}px`,
    height: `${(box.value?.height ?? 0) * props.scale}px`,
}));

/** In the middle of what is seen of it, on the screen. */
const grabAt = computed(() => {
    const [top, bottom] = [(box.value?.top ?? 0) * props.scale, ((box.value?.top ?? 0) + (box.value?.height ?? 0)) * props.scale];
    return (Math.max(0, top) + Math.min(props.height, bottom)) / 2 - top - GRIP / 2;
});

function look(): void {
    const at = element.value?.getBoundingClientRect();
    // While the page is fetched anew it stays where it was: the keyboard stands on it.
    if (at && at.height > 0) {
        const room = element.value?.parentElement?.clientWidth ?? at.width;
        const known = box.value;
        if (!known || known.left !== at.left || known.top !== at.top || known.width !== at.width || known.height !== at.height || known.room !== room)
            box.value = { left: at.left, top: at.top, width: at.width, height: at.height, room };
    }
}

watch(() => [props.looked, props.pane], look, { immediate: true });
watch(
    () => props.pane.place,
    () => (dragged.value = null),
);

function markAt(mark: number): Record<string, string> {
    const at = `${mark * props.scale}px`;
    if (side.value === 'end') return { right: at };
    return side.value === 'middle' ? { left: `calc(50% + ${(mark / 2) * props.scale}px)` } : { left: at };
}

function show(to: number): void {
    const nearest = [...seen.value].sort((a, b) => Math.abs(a - to) - Math.abs(b - to))[0];
    const snapped = nearest !== undefined && Math.abs(nearest - to) <= NEAR ? nearest : to;
    dragged.value = Math.max(range.value.least, Math.min(most.value, Math.round(snapped)));
    // As it will be: the page follows at once, the server once the edge is let go.
    element.value?.style.setProperty('width', `${dragged.value}px`);
    element.value?.style.setProperty('max-width', '100%');
    look();
}

function keep(): void {
    window.clearTimeout(timer);
    if (dragged.value === null) return;
    announce(`${dragged.value} px wide.`);
    emit('resize', dragged.value);
}

function grip(event: PointerEvent): void {
    event.preventDefault();
    const handle = event.currentTarget as HTMLElement;
    handle.setPointerCapture(event.pointerId);
    handle.focus();
    const start = { x: event.clientX, px: box.value?.width ?? 0 };
    dragged.value = Math.round(start.px);
    const way = (side.value === 'end' ? -1 : 1) * (side.value === 'middle' ? 2 : 1);
    const move = (now: PointerEvent): void => show(start.px + (way * (now.clientX - start.x)) / props.scale);
    const end = (): void => {
        handle.removeEventListener('pointermove', move);
        if (Math.round(start.px) === dragged.value) dragged.value = null;
        else keep();
    };
    handle.addEventListener('pointermove', move);
    handle.addEventListener('pointerup', end, { once: true });
    handle.addEventListener('pointercancel', end, { once: true });
}

function press(event: KeyboardEvent): void {
    const step = event.shiftKey ? STEPS.near : STEPS.far;
    const by = { ArrowRight: step, ArrowUp: step, ArrowLeft: -step, ArrowDown: -step }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    const from = px.value;
    dragged.value = Math.max(range.value.least, Math.min(most.value, Math.round(from + by)));
    element.value?.style.setProperty('width', `${dragged.value}px`);
    window.clearTimeout(timer);
    timer = window.setTimeout(keep, 600);
}

/** By its name it is carried to another place of the page. */
function lift(event: PointerEvent): void {
    const name = event.currentTarget as HTMLElement;
    // Nothing of the browser's own is dragged.
    event.preventDefault();
    name.focus();
    const from = { x: event.clientX, y: event.clientY };
    let over: HTMLElement | null = null;
    const move = (now: PointerEvent): void => {
        if (Math.hypot(now.clientX - from.x, now.clientY - from.y) < DRAGS && over === null) return;
        if (!name.hasPointerCapture(now.pointerId)) name.setPointerCapture(now.pointerId);
        const spot = nearest(now.clientY);
        if (spot === over) return;
        over?.classList.remove('over');
        spot?.classList.add('over');
        over = spot;
    };
    const end = (): void => {
        name.removeEventListener('pointermove', move);
        over?.classList.remove('over');
        const spot = Number(over?.dataset['spot']);
        if (over !== null && spot !== props.pane.spot) emit('move', spot);
    };
    name.addEventListener('pointermove', move);
    name.addEventListener('pointerup', end, { once: true });
    name.addEventListener('pointercancel', end, { once: true });
}

function nearest(clientY: number): HTMLElement | null {
    const top = props.document?.defaultView?.frameElement?.getBoundingClientRect().top ?? 0;
    const at = (clientY - top) / props.scale;
    const spots = [...(props.document?.querySelectorAll<HTMLElement>('[data-spot]') ?? [])];
    const far = (spot: HTMLElement): number => Math.abs(spot.getBoundingClientRect().top - at);
    return spots.sort((a, b) => far(a) - far(b))[0] ?? null;
}

onScopeDispose(keep);
</script>

<style scoped>
.outline {
    position: absolute;
    pointer-events: none;
    outline: 2px solid var(--z4);
    outline-offset: 2px;
}

.outline.on {
    outline-color: var(--verd);
}

.name {
    position: absolute;
    left: -4px;
    bottom: calc(100% + 2px);
    max-width: calc(100% + 8px);
    padding: 1px 7px;
    border: 0;
    border-radius: var(--corner) var(--corner) 0 0;
    overflow: hidden;
    background: var(--z6);
    color: #fff;
    font: 600 11px/1.4 var(--type);
    text-overflow: ellipsis;
    white-space: nowrap;
    pointer-events: auto;
    cursor: grab;
    touch-action: none;
}

.on .name {
    background: var(--verd);
}

.edge {
    position: absolute;
    inset-inline-end: -9px;
    width: 14px;
    height: 40px;
    padding: 0;
    border: 0;
    border-radius: 4px;
    background: var(--verd);
    pointer-events: auto;
    cursor: ew-resize;
    touch-action: none;
}

.edge::before {
    content: '';
    position: absolute;
    inset: -4px -15px;
}

.edge.end {
    inset-inline: -9px auto;
}

.px {
    position: absolute;
    top: 50%;
    left: calc(100% + 6px);
    padding: 2px 8px;
    border-radius: var(--corner);
    background: var(--z7);
    color: #fff;
    font: 600 12px/1.5 var(--type);
    white-space: nowrap;
    transform: translateY(-50%);
}

.mark {
    position: absolute;
    inset-block: -6px;
    width: 0;
    border-left: 1px dashed var(--verd);
}
</style>
