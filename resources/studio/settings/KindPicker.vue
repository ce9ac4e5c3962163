<template>
    <SegmentChoice
        class="kinds"
        :label="setting.label"
        :columns="4"
        :options="setting.options"
        :model-value="modelValue"
        @update:model-value="emit('update:modelValue', $event)"
    >
        <template #default="{ option }">
            <svg viewBox="0 0 30 20" aria-hidden="true"><path :d="SIGNS[option.value]" /></svg>
            <span>{{ option.label }}</span>
        </template>
    </SegmentChoice>
</template>

<script setup lang="ts">
import type { ChoiceSetting } from '../api/types';
import SegmentChoice from '../shared/SegmentChoice.vue';

/** The kinds of layout, each by a sign of how it places tiles. */
defineProps<{ setting: ChoiceSetting; modelValue: string }>();
const emit = defineEmits<{ 'update:modelValue': [kind: string] }>();

/** Tiles of each sign as left, top, width, height. */
const tiles = (...places: [number, number, number, number][]): string => places.map(([x, y, w, h]) => `M${x} ${y}h${w}v${h}h-${w}z`).join('');

const SIGNS: Record<string, string> = {
    grid: tiles([1, 1, 8, 8], [11, 1, 8, 8], [21, 1, 8, 8], [1, 11, 8, 8], [11, 11, 8, 8], [21, 11, 8, 8]),
    masonry: tiles([1, 1, 8, 6], [1, 9, 8, 10], [11, 1, 8, 11], [11, 14, 8, 5], [21, 1, 8, 8], [21, 11, 8, 8]),
    rows: tiles([1, 1, 11, 8], [14, 1, 6, 8], [22, 1, 7, 8], [1, 11, 6, 8], [9, 11, 12, 8], [23, 11, 6, 8]),
    mosaic: tiles([1, 1, 17, 18], [20, 1, 9, 8], [20, 11, 9, 8]),
    strip: tiles([1, 5, 11, 10], [14, 5, 8, 10], [24, 5, 5, 10]),
    slideshow: tiles([4, 1, 22, 14], [11, 17, 2, 2], [14, 17, 2, 2], [17, 17, 2, 2]),
    single: tiles([6, 1, 18, 5], [6, 8, 18, 5], [6, 15, 18, 4]),
};
</script>

<style scoped>
.kinds :deep(.el-radio-group) {
    gap: 6px;
    border: 0;
    overflow: visible;
}

.kinds :deep(.el-radio-button) {
    border: 1px solid var(--z3);
    border-radius: var(--corner);
    box-shadow: none;
}

.kinds :deep(.el-radio-button__inner) {
    gap: 5px;
    padding: 9px 2px 6px;
    font-size: 12px;
    white-space: nowrap;
}

.kinds :deep(.el-radio-button) {
    --el-radio-button-checked-bg-color: var(--verd-tint);
    --el-radio-button-checked-text-color: var(--z8);
}

.kinds :deep(.is-active) {
    border-color: var(--verd);
    box-shadow: inset 0 0 0 1px var(--verd);
    font-weight: 600;
}

svg {
    width: 30px;
    fill: var(--z4);
}

.kinds :deep(.is-active svg) {
    fill: var(--verd);
}
</style>
