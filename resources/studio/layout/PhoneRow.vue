<template>
    <div class="row">
        <SliderRow v-if="value !== null" :label="label" :unit="unit" :model-value="value" :range="range" @update:model-value="emit('change', $event)" />
        <p v-else>
            <span>{{ label }}</span> <b>by itself</b>
        </p>
        <button type="button" class="button" @click="emit('change', value === null ? Math.round((range[0] + range[1]) / 3) : null)">
            {{ value === null ? 'Set it' : 'Leave it to itself' }}
        </button>
    </div>
</template>

<script setup lang="ts">
import SliderRow from '../shared/SliderRow.vue';

defineProps<{ label: string; value: number | null; range: [number, number]; unit?: string }>();
const emit = defineEmits<{ change: [value: number | null] }>();
</script>

<style scoped>
.row {
    display: grid;
    gap: 8px;
}

p {
    display: flex;
    justify-content: space-between;
    margin: 0;
    font-size: 13px;
    color: var(--z6);
}

b {
    font-weight: 600;
    color: var(--z8);
}
</style>
