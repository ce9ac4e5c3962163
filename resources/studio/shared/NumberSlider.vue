<template>
    <div class="slider">
        <label :for="id">{{ label }}</label>
        <span class="value">
            <input :aria-label="`${label}, as a number`" type="number" :min="least" :max="most" :step="step" :value="modelValue" @change="set" />{{ unit }}
        </span>
        <input :id="id" type="range" :min="least" :max="most" :step="step" :value="modelValue" @input="set" @dblclick="emit('update:modelValue', 0)" />
    </div>
</template>

<script setup lang="ts">
import { useId } from 'vue';

const props = withDefaults(defineProps<{ label: string; modelValue: number; least: number; most: number; step?: number; unit?: string }>(), {
    step: 1,
    unit: '',
});
const emit = defineEmits<{ 'update:modelValue': [value: number] }>();
const id = useId();

function set(event: Event): void {
    const value = Number((event.target as HTMLInputElement).value);
    if (Number.isFinite(value)) emit('update:modelValue', Math.max(props.least, Math.min(props.most, value)));
}
</script>

<style scoped>
.slider {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 2px 8px;
    font-size: 13px;
    color: var(--z6);
}

.value {
    color: var(--z8);
}

input[type='number'] {
    width: 64px;
    height: 24px;
    padding: 0 4px;
    border: 1px solid var(--z3);
    border-radius: var(--corner);
    background: var(--z0);
    font: 600 13px var(--type);
    text-align: right;
    color: inherit;
}

input[type='range'] {
    grid-column: 1 / -1;
    width: 100%;
    margin: 4px 0;
    accent-color: var(--verd);
}
</style>
