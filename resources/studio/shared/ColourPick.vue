<template>
    <div class="pick">
        <span :id="id" class="label">{{ label }}</span>
        <ElRadioGroup :model-value="modelValue" :aria-labelledby="id" @change="emit('update:modelValue', $event as string)">
            <ElRadioButton v-for="colour in COLOURS" :key="colour.hex" :value="colour.hex" :title="colour.name" :style="{ '--colour': `#${colour.hex}` }">
                <span class="unseen">{{ colour.name }}</span>
            </ElRadioButton>
        </ElRadioGroup>
        <div class="row">
            <span>another</span>
            <ElColorPicker :model-value="modelValue === '' ? null : `#${modelValue}`" aria-label="Another colour" @change="choose" />
            <ElButton v-if="modelValue" @click="emit('update:modelValue', '')">Any</ElButton>
        </div>
    </div>
</template>

<script setup lang="ts">
import { useId } from 'vue';

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
const id = useId();

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

.el-radio-group {
    display: flex;
    flex-wrap: wrap;
    gap: 5px;
}

.el-radio-button {
    width: 24px;
    height: 24px;
    border: 1px solid var(--z4);
    border-radius: var(--corner);
    background: var(--colour);
    overflow: clip;
}

.el-radio-button :deep(.el-radio-button__inner) {
    width: 100%;
    height: 100%;
    padding: 0;
    border: 0;
    border-radius: 0;
    background: none;
    box-shadow: none;
}

.is-active {
    outline: 2px solid var(--verd);
    outline-offset: 1px;
}

.el-radio-button:has(:focus-visible) {
    outline: 2px solid var(--z8);
    outline-offset: 2px;
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
