<template>
    <div class="controls">
        <h2>Grid</h2>
        <SegmentChoice label="Columns" :model-value="layout.column_rule" :options="RULES" @update:model-value="emit('change', { column_rule: $event })" />
        <SliderRow
            v-if="layout.column_rule === 'count'"
            label="How many"
            :model-value="layout.columns"
            :range="ranges.columns"
            @update:model-value="emit('change', { columns: $event })"
        />
        <SliderRow
            v-else
            label="Tiles at least"
            unit="px wide"
            :model-value="layout.tile_width"
            :range="ranges.tile_width"
            @update:model-value="emit('change', { tile_width: $event })"
        />
        <SegmentChoice
            label="Shape of the tiles"
            :columns="3"
            :model-value="layout.shape"
            :options="SHAPES"
            @update:model-value="emit('change', { shape: $event })"
        />
        <SegmentChoice
            v-if="layout.shape !== 'own'"
            label="A picture of another shape"
            :model-value="layout.filling"
            :options="FILLINGS"
            @update:model-value="emit('change', { filling: $event })"
        />
        <SliderRow label="Gap" unit="px" :model-value="layout.gap" :range="ranges.gap" @update:model-value="emit('change', { gap: $event })" />
        <SegmentChoice label="Last row" :model-value="layout.last_row" :options="LAST_ROWS" @update:model-value="emit('change', { last_row: $event })" />
    </div>
</template>

<script setup lang="ts">
import type { Gallery, GridDesign } from '../api/types';
import SegmentChoice from '../shared/SegmentChoice.vue';
import SliderRow from '../shared/SliderRow.vue';

defineProps<{ layout: GridDesign; ranges: Gallery['ranges'] }>();
const emit = defineEmits<{ change: [part: Partial<GridDesign>] }>();

const RULES = [
    { value: 'count', label: 'A number' },
    { value: 'fit', label: 'As many as fit' },
] as const;

const SHAPES = [
    { value: '1:1', label: 'Square' },
    { value: '4:3', label: '4:3' },
    { value: '3:2', label: '3:2' },
    { value: '16:9', label: '16:9' },
    { value: '2:3', label: '2:3' },
    { value: 'own', label: 'Own' },
] as const;

const FILLINGS = [
    { value: 'crop', label: 'Is cropped' },
    { value: 'fit', label: 'Fits inside' },
] as const;

const LAST_ROWS = [
    { value: 'start', label: 'Start' },
    { value: 'centre', label: 'Centre' },
    { value: 'fill', label: 'Fill' },
] as const;
</script>

<style scoped>
.controls {
    display: grid;
    gap: 14px;
}
</style>
