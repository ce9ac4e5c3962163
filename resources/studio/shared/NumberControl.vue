<template>
    <div class="number">
        <div class="head">
            <span>{{ label }}</span>
            <span class="value">
                <b v-if="word">{{ word }}</b>
                <ElInputNumber
                    :model-value="shown"
                    :min="least"
                    :max="most"
                    :step="step"
                    :precision="step < 1 ? 1 : 0"
                    :controls="false"
                    size="small"
                    :aria-label="`${label}, as a number`"
                    @change="typed"
                />
                <i v-if="unit">{{ unit }}</i>
            </span>
        </div>
        <ElSlider
            v-model="shown"
            :min="least"
            :max="most"
            :step="step"
            :show-tooltip="false"
            :aria-label="label"
            :format-value-text="(value: number) => words?.find((one) => one.value === value)?.label ?? `${value} ${unit}`.trim()"
            @input="emit('input', $event as number)"
            @change="keep"
        />
    </div>
</template>

<script setup lang="ts">
import { computed } from 'vue';
import { useEcho } from './use-echo';

const props = withDefaults(
    defineProps<{
        label: string;
        modelValue: number;
        least: number;
        most: number;
        step?: number;
        unit?: string;
        /** What stands in place of some numbers: 0 is "by hand". */
        words?: readonly { value: number; label: string }[];
    }>(),
    { step: 1, unit: '', words: () => [] },
);
/** Input while it is moved, the value once it stands. */
const emit = defineEmits<{ 'update:modelValue': [value: number]; input: [value: number] }>();
const shown = useEcho(() => props.modelValue);
const word = computed(() => props.words.find(({ value }) => value === shown.value)?.label ?? '');

function keep(value: number | number[]): void {
    if (typeof value === 'number' && value !== props.modelValue) emit('update:modelValue', value);
}

function typed(value: number | null | undefined): void {
    // An emptied field asks for nothing.
    if (value === null || value === undefined) return;
    shown.value = value;
    emit('input', value);
    keep(value);
}
</script>

<style scoped>
.head {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 8px;
    font-size: 13px;
    color: var(--z6);
}

.value {
    display: flex;
    align-items: center;
    gap: 6px;
    white-space: nowrap;
}

i {
    font-style: normal;
    color: var(--z8);
}

b {
    font-weight: 600;
    color: var(--z8);
}

.el-input-number {
    width: 58px;
}

.el-slider {
    height: 28px;
    padding-inline: 8px;
}
</style>
