<template>
    <fieldset class="choice">
        <legend>{{ label }}</legend>
        <div class="segments" :style="{ gridTemplateColumns: `repeat(${columns ?? options.length}, 1fr)` }">
            <label v-for="option in options" :key="option.value" :class="{ on: option.value === modelValue }">
                <input
                    type="radio"
                    :name="name"
                    :value="option.value"
                    :checked="option.value === modelValue"
                    @change="emit('update:modelValue', option.value)"
                />
                <span>{{ option.label }}</span>
            </label>
        </div>
    </fieldset>
</template>

<script setup lang="ts" generic="T extends string">
import { useId } from 'vue';

defineProps<{ label: string; options: readonly { value: T; label: string }[]; modelValue: T | undefined; columns?: number }>();
const emit = defineEmits<{ 'update:modelValue': [value: T] }>();
const name = useId();
</script>

<style scoped>
.choice {
    margin: 0;
    padding: 0;
    border: 0;
    min-width: 0;
}

legend {
    margin-bottom: 5px;
    padding: 0;
    font-size: 13px;
    color: var(--z6);
}

.segments {
    display: grid;
    border: 1px solid var(--z4);
    border-radius: var(--corner);
    background: var(--z0);
    overflow: clip;
}

label {
    position: relative;
    display: grid;
    place-items: center;
    min-height: 30px;
    padding: 2px 4px;
    box-shadow:
        1px 0 var(--z3),
        0 1px var(--z3);
    font-size: 13px;
    text-align: center;
    cursor: pointer;
}

label:hover:not(.on) {
    background: var(--z1);
}

.on {
    background: var(--z7);
    color: #fff;
}

input {
    position: absolute;
    inset: 0;
    margin: 0;
    opacity: 0;
    cursor: inherit;
}

label:has(:focus-visible) {
    outline: 2px solid var(--verd);
    outline-offset: -3px;
    box-shadow: inset 0 0 0 4px #fff;
}
</style>
