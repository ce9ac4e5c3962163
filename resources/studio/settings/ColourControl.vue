<template>
    <div class="colour" role="group" :aria-label="label">
        <span>{{ label }}</span>
        <span class="from">
            <ColourSwatches
                v-if="colours.length > 0"
                :label="`${label}, of the page`"
                :colours="colours"
                :model-value="modelValue"
                @update:model-value="emit('update:modelValue', $event)"
            />
            <ElColorPicker :model-value="modelValue" :aria-label="`${label}, any colour`" @change="choose" />
        </span>
    </div>
</template>

<script setup lang="ts">
import type { PageColours } from '../api/types';
import ColourSwatches from '../shared/ColourSwatches.vue';

/** A colour: those of the page first, then any. */
defineProps<{ label: string; modelValue: string; colours: PageColours['colours'] }>();
const emit = defineEmits<{ 'update:modelValue': [colour: string] }>();

function choose(colour: string | null): void {
    if (colour !== null) emit('update:modelValue', colour.toLowerCase());
}
</script>

<style scoped>
.colour {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: 6px;
    font-size: 13px;
    color: var(--z6);
}

.from {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 4px;
}
</style>
