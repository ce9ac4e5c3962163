<template>
    <fieldset class="colours">
        <legend>{{ label }}</legend>
        <label v-for="colour in COLOURS" :key="colour.hex" :class="{ on: modelValue === colour.hex }" :title="colour.name">
            <input type="radio" :name="name" :checked="modelValue === colour.hex" :aria-label="colour.name" @change="emit('update:modelValue', colour.hex)" />
            <i :style="{ background: `#${colour.hex}` }" />
        </label>
        <label class="own" :class="{ on: isOwn }" title="Another colour">
            <input type="color" aria-label="Another colour" :value="`#${modelValue || '888888'}`" @change="choose" />
        </label>
        <button v-if="modelValue" class="any" type="button" @click="emit('update:modelValue', '')">Any</button>
    </fieldset>
</template>

<script setup lang="ts">
import { computed, useId } from 'vue';

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
const props = defineProps<{ label: string; modelValue: string }>();
const emit = defineEmits<{ 'update:modelValue': [hex: string] }>();
const name = useId();
const isOwn = computed(() => props.modelValue !== '' && !COLOURS.some(({ hex }) => hex === props.modelValue));

function choose(event: Event): void {
    emit('update:modelValue', (event.target as HTMLInputElement).value.slice(1));
}
</script>

<style scoped>
.colours {
    display: flex;
    flex-wrap: wrap;
    gap: 4px;
    margin: 0;
    padding: 0;
    border: 0;
}

legend {
    margin-bottom: 5px;
    padding: 0;
    font-size: 13px;
    color: var(--z6);
}

label {
    position: relative;
    width: 26px;
    height: 26px;
    border: 1px solid var(--z4);
    border-radius: var(--corner);
    overflow: clip;
    cursor: pointer;
}

i {
    display: block;
    height: 100%;
}

input[type='radio'] {
    position: absolute;
    inset: 0;
    margin: 0;
    opacity: 0;
    cursor: inherit;
}

input[type='color'] {
    width: 36px;
    height: 36px;
    margin: -5px;
    padding: 0;
    border: 0;
    cursor: inherit;
}

.on {
    outline: 2px solid var(--verd);
    outline-offset: 1px;
}

label:has(:focus-visible) {
    outline: 2px solid var(--z8);
    outline-offset: 2px;
}

.any {
    min-height: 26px;
    padding: 0 8px;
    border: 1px solid var(--z4);
    border-radius: var(--corner);
    background: var(--z0);
    font: 13px var(--type);
    color: var(--z7);
    cursor: pointer;
}
</style>
