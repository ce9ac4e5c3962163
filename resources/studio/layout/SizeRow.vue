<template>
    <div class="size">
        <SegmentChoice label="Size of the tiles" :options="NAMES" :model-value="named" @update:model-value="emit('change', px[$event])" />
        <SliderRow :label="label" :unit="unit" :model-value="value" :range="range" @update:model-value="emit('change', $event)" />
    </div>
</template>

<script setup lang="ts">
import { computed } from 'vue';
import type { TileSizeName } from '../api/layout-types';
import SegmentChoice from '../shared/SegmentChoice.vue';
import SliderRow from '../shared/SliderRow.vue';

/** A size by name, or by px. */
const props = defineProps<{ label: string; unit: string; value: number; range: [number, number]; px: Record<TileSizeName, number> }>();
const emit = defineEmits<{ change: [px: number] }>();

const NAMES = [
    { value: 'small', label: 'Small' },
    { value: 'medium', label: 'Medium' },
    { value: 'large', label: 'Large' },
    { value: 'very-large', label: 'Largest' },
] as const;

const named = computed(() => NAMES.find(({ value }) => props.px[value] === props.value)?.value);
</script>

<style scoped>
.size {
    display: grid;
    gap: 6px;
}
</style>
