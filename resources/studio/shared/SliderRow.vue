<template>
    <div>
        <div class="head">
            <span :id="id">{{ label }}</span>
            <output>{{ shown }}{{ unit ? ` ${unit}` : '' }}</output>
        </div>
        <ElSlider v-model="shown" :min="range[0]" :max="range[1]" :show-tooltip="false" :aria-labelledby="id" :aria-label="label" @change="keep" />
    </div>
</template>

<script setup lang="ts">
import { ref, useId, watch } from 'vue';

const props = defineProps<{ label: string; modelValue: number; range: [number, number]; unit?: string }>();
const emit = defineEmits<{ 'update:modelValue': [value: number] }>();
const id = useId();
const shown = ref(props.modelValue);

watch(
    () => props.modelValue,
    (value) => (shown.value = value),
);

function keep(value: number | number[]): void {
    if (typeof value === 'number' && value !== props.modelValue) emit('update:modelValue', value);
}
</script>

<style scoped>
.head {
    display: flex;
    justify-content: space-between;
    font-size: 13px;
    color: var(--z6);
}

output {
    font-weight: 600;
    color: var(--z8);
    font-variant-numeric: tabular-nums;
}

.el-slider {
    --el-slider-button-size: 16px;
    height: 28px;
    padding-inline: 8px;
}

.el-slider :deep(.el-slider__button) {
    border-radius: var(--corner);
}
</style>
