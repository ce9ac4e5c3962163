<template>
    <div class="pick">
        <span class="label">{{ label }}</span>
        <ColourSwatches
            :label="label"
            :colours="COLOURS.map(({ name, hex }) => ({ name, colour: `#${hex}` }))"
            :model-value="modelValue === '' ? '' : `#${modelValue}`"
            @update:model-value="choose"
        />
        <div class="row">
            <span>another</span>
            <ElColorPicker :model-value="modelValue === '' ? null : `#${modelValue}`" aria-label="Another colour" @change="choose" />
            <ElButton v-if="modelValue" @click="emit('update:modelValue', '')">Any</ElButton>
        </div>
    </div>
</template>

<script setup lang="ts">
import ColourSwatches from './ColourSwatches.vue';

/** The colours one would name first. */
const COLOURS = [
    { name: 'Red', hex: 'c8412d' },
    { name: 'Orange', hex: 'e08a3c' },
    { name: 'Yellow', hex: 'e5c04f' },
    { name: 'Green', hex: '5a8a4a' },
    { name: 'Teal', hex: '2f7f80' },
    { name: 'Blue', hex: '6a9ac4' },
    { name: 'Navy', hex: '24344f' },
    { name: 'Purple', hex: '6d5290' },
    { name: 'Pink', hex: 'dba7a4' },
    { name: 'Brown', hex: '7b6044' },
    { name: 'White', hex: 'e9e7df' },
    { name: 'Grey', hex: '8b8f90' },
    { name: 'Black', hex: '1a1c20' },
] as const;

/** Hexadecimal without a sign; empty for any. */
defineProps<{ label: string; modelValue: string }>();
const emit = defineEmits<{ 'update:modelValue': [hex: string] }>();

function choose(colour: string | null): void {
    emit('update:modelValue', colour?.slice(1) ?? '');
}
</script>

<style scoped>
.label {
    display: block;
    margin-bottom: 5px;
    font-size: 13px;
    color: var(--z6);
}

.row {
    display: flex;
    align-items: center;
    gap: 8px;
    font-size: 13px;
    color: var(--z6);
    margin-top: 6px;
}
</style>
