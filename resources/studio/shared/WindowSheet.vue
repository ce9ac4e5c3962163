<template>
    <div class="window">
        <div class="bar">
            <slot name="before" />
            <SegmentChoice v-model="size" label="Width of the window" seen-elsewhere :options="SIZES" class="sizes" />
            <p class="note"><slot name="note" /></p>
        </div>
        <div ref="room" class="room" :style="{ '--scale': scale }">
            <div class="sheet" :style="{ width: `${windowWidth * scale}px` }">
                <slot :frame="frame" :size="size" :scale="scale" :height="height" />
            </div>
        </div>
    </div>
</template>

<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { computed, ref } from 'vue';
import { useVocabulary } from '../api/vocabulary';
import SegmentChoice from './SegmentChoice.vue';

/** A page in a window of a visitor, wide or a phone's, made smaller where it does not fit. */
const { wide, phone } = useVocabulary().widths;
const SIZES = [
    { value: 'wide', label: 'Wide' },
    { value: 'phone', label: 'Phone' },
] as const;

const size = ref<'wide' | 'phone'>('wide');
const room = ref<HTMLElement>();
const { width, height } = useElementSize(room);
const windowWidth = computed(() => (size.value === 'wide' ? wide : phone));
const scale = computed(() => Math.min(1, Math.max(0.2, width.value / windowWidth.value)));
/** Of each frame in it. */
const frame = computed(() => ({ width: `${windowWidth.value}px`, height: `${height.value / scale.value}px`, transform: `scale(${scale.value})` }));

defineSlots<{
    before?(): unknown;
    note?(): unknown;
    default(props: { frame: { width: string; height: string; transform: string }; size: 'wide' | 'phone'; scale: number; height: number }): unknown;
}>();
</script>

<style scoped>
.window {
    display: grid;
    grid-template-rows: auto minmax(0, 1fr);
    gap: 10px;
    height: 100%;
    min-height: 0;
}

.bar {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px 12px;
}

.sizes {
    flex: 0 0 188px;
}

.note {
    color: var(--z6);
}

.room {
    display: grid;
    justify-items: center;
    overflow: hidden;
}

.sheet {
    position: relative;
    height: 100%;
    overflow: hidden;
    background: #fff;
    outline: 2px solid var(--z4);
    outline-offset: -2px;
}

.sheet :slotted(iframe) {
    display: block;
    border: 0;
    transform-origin: 0 0;
}
</style>
