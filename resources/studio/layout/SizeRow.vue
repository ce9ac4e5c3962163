<template>
    <div class="size">
        <SegmentChoice label="Size of the tiles" :options="TILE_SIZES" :model-value="named" @update:model-value="emit('change', px[$event])" />
        <SliderRow :label="label" :unit="unit" :model-value="value" :range="range" @update:model-value="emit('change', $event)" />
    </div>
</template>

<script setup lang="ts">
import { computed } from 'vue';
import type { TileSizeName } from '../api/layout-types';
import SegmentChoice from '../shared/SegmentChoice.vue';
import SliderRow from '../shared/SliderRow.vue';
import { TILE_SIZES } from '../shared/tile-sizes';

/** A size by name, or by px. */
const props = defineProps<{ label: string; unit: string; value: number; range: [number, number]; px: Record<TileSizeName, number> }>();
const emit = defineEmits<{ change: [px: number] }>();

const named = computed(() => TILE_SIZES.find(({ value }) => props.px[value] === props.value)?.value);
</script>

<style scoped>
.size {
    display: grid;
    gap: 6px;
}
</style>
