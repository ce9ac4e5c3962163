<template>
    <div ref="home" class="home">
        <img :src="src" :alt="alt" draggable="false" @load="onLoad" />
        <div v-if="!plain" class="dim" :style="place" aria-hidden="true" />
        <div
            v-if="!plain"
            class="crop"
            :style="place"
            role="group"
            aria-label="What is kept"
            tabindex="0"
            @keydown="onMoveKey"
            @pointerdown="grab($event, 'crop')"
        >
            <i v-for="line in 4" :key="line" class="third" :class="`third-${line}`" aria-hidden="true" />
            <button
                v-for="grip in GRIPS"
                :key="grip.label"
                type="button"
                class="grip"
                :aria-label="grip.label"
                :style="{ left: `${50 + 50 * grip.x}%`, top: `${50 + 50 * grip.y}%`, cursor: grip.cursor }"
                @keydown="onGripKey($event, grip)"
                @pointerdown.stop="grab($event, grip)"
            />
        </div>
        <button
            v-if="!plain"
            type="button"
            class="focal"
            aria-label="Focal point; arrow keys move it"
            title="Focal point: every crop keeps it in view"
            :style="{ left: `${100 * focal[0]}%`, top: `${100 * focal[1]}%` }"
            @keydown="onFocalKey"
            @pointerdown.stop="grab($event, 'focal')"
        />
    </div>
</template>

<script setup lang="ts">
import { useEventListener } from '@vueuse/core';
import { computed, ref } from 'vue';
import type { Crop } from '../api/types';
import { dragged, moved, type Grip } from './crop';

const GRIPS = (
    [
        ['Top left', -1, -1, 'nwse-resize'],
        ['Top', 0, -1, 'ns-resize'],
        ['Top right', 1, -1, 'nesw-resize'],
        ['Right', 1, 0, 'ew-resize'],
        ['Bottom right', 1, 1, 'nwse-resize'],
        ['Bottom', 0, 1, 'ns-resize'],
        ['Bottom left', -1, 1, 'nesw-resize'],
        ['Left', -1, 0, 'ew-resize'],
    ] as const
).map(([label, x, y, cursor]) => ({ label, x, y, cursor }));

/** Share of the picture that an arrow key moves; with Shift ten times that. */
const STEP = 0.005;

const props = defineProps<{
    src: string;
    alt: string;
    crop: Crop;
    /** Width over height that is kept, in shares of the picture; null for any. */
    ratio: number | null;
    /** On the uncropped picture. */
    focal: [number, number];
    /** Only the picture, nothing over it. */
    plain: boolean;
}>();
const emit = defineEmits<{ crop: [crop: Crop]; focal: [focal: [number, number]]; shape: [ratio: number] }>();
const home = ref<HTMLElement>();
let held: { what: Grip | 'crop' | 'focal'; x: number; y: number; crop: Crop } | null = null;

/** Width over height, which straightening may change. */
function onLoad(event: Event): void {
    const image = event.target as HTMLImageElement;
    if (!props.plain && image.naturalHeight > 0) emit('shape', image.naturalWidth / image.naturalHeight);
}

const place = computed(() => ({
    left: `${100 * props.crop.left}%`,
    top: `${100 * props.crop.top}%`,
    width: `${100 * props.crop.width}%`,
    height: `${100 * props.crop.height}%`,
}));

function grab(event: PointerEvent, what: Grip | 'crop' | 'focal'): void {
    held = { what, x: event.clientX, y: event.clientY, crop: props.crop };
    (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
}

useEventListener(home, 'pointermove', (event: PointerEvent) => {
    if (!held || !home.value) return;
    const { left, top, width, height } = home.value.getBoundingClientRect();
    const [dx, dy] = [(event.clientX - held.x) / width, (event.clientY - held.y) / height];
    if (held.what === 'focal') setFocal((event.clientX - left) / width, (event.clientY - top) / height);
    else if (held.what === 'crop') emit('crop', moved(held.crop, dx, dy));
    else emit('crop', dragged(held.crop, held.what, dx, dy, props.ratio));
});
useEventListener(home, ['pointerup', 'pointercancel'], () => (held = null));

function setFocal(x: number, y: number): void {
    emit('focal', [Math.max(0, Math.min(1, x)), Math.max(0, Math.min(1, y))]);
}

/** How far a key moves, null when it is no arrow. */
function byKey(event: KeyboardEvent): [number, number] | null {
    const step = STEP * (event.shiftKey ? 10 : 1);
    const way: [number, number] | undefined = (
        { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] } as Record<string, [number, number]>
    )[event.key];
    if (!way) return null;
    event.preventDefault();
    event.stopPropagation();
    return way;
}

function onMoveKey(event: KeyboardEvent): void {
    const by = byKey(event);
    if (by) emit('crop', moved(props.crop, ...by));
}

function onGripKey(event: KeyboardEvent, grip: Grip): void {
    const by = byKey(event);
    if (by) emit('crop', dragged(props.crop, grip, ...by, props.ratio));
}

function onFocalKey(event: KeyboardEvent): void {
    const by = byKey(event);
    if (by) setFocal(props.focal[0] + by[0], props.focal[1] + by[1]);
}
</script>

<style scoped>
.home {
    position: relative;
    display: inline-block;
    max-width: 100%;
    max-height: 100%;
    touch-action: none;
    user-select: none;
    overflow: clip;
}

img {
    display: block;
    max-width: 100%;
    max-height: calc(100vh - 190px);
}

.dim {
    position: absolute;
    box-shadow: 0 0 0 4000px rgb(20 27 31 / 0.55);
    pointer-events: none;
}

.crop {
    position: absolute;
    outline: 2px solid #fff;
    outline-offset: -1px;
    box-shadow: 0 0 0 1px rgb(20 27 31 / 0.7);
    cursor: move;
}

.crop:focus-visible {
    outline: 3px solid var(--primer);
}

.third {
    position: absolute;
    background: rgb(255 255 255 / 0.35);
}

.third-1,
.third-2 {
    inset-block: 0;
    width: 1px;
    left: 33.33%;
}

.third-2 {
    left: 66.67%;
}

.third-3,
.third-4 {
    inset-inline: 0;
    height: 1px;
    top: 33.33%;
}

.third-4 {
    top: 66.67%;
}

.grip {
    position: absolute;
    width: 24px;
    height: 24px;
    padding: 0;
    border: 0;
    background: none;
    translate: -50% -50%;
}

.grip::after {
    content: '';
    position: absolute;
    inset: 7px;
    background: #fff;
    outline: 1px solid var(--z8);
}

.grip:focus-visible {
    outline: 3px solid var(--primer);
}

.focal {
    position: absolute;
    width: 32px;
    height: 32px;
    padding: 0;
    border: 3px solid #fff;
    border-radius: 50%;
    background: rgb(11 117 104 / 0.35);
    box-shadow: 0 0 0 1px var(--z8);
    translate: -50% -50%;
    cursor: grab;
}

.focal:focus-visible {
    outline: 3px solid var(--primer);
}
</style>
