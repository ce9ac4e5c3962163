<template>
    <div class="choice">
        <span :id="id" :class="seenElsewhere ? 'unseen' : 'label'">{{ label }}</span>
        <ElRadioGroup
            v-model="shown"
            :aria-labelledby="id"
            :style="{ gridTemplateColumns: `repeat(${columns ?? options.length}, minmax(0, 1fr))` }"
            @change="emit('update:modelValue', $event as T)"
        >
            <ElRadioButton v-for="option in options" :key="option.value" :value="option.value">
                <slot :option="option">{{ option.label }}</slot>
            </ElRadioButton>
        </ElRadioGroup>
    </div>
</template>

<script setup lang="ts" generic="T extends string">
import { useId } from 'vue';
import { useEcho } from './use-echo';

/** One of a few, all of them seen at once; its label may stand on another control of the same thing. */
const props = defineProps<{
    label: string;
    options: readonly { value: T; label: string }[];
    modelValue: T | undefined;
    columns?: number;
    seenElsewhere?: boolean;
}>();
const emit = defineEmits<{ 'update:modelValue': [value: T] }>();
defineSlots<{ default?(props: { option: { value: T; label: string } }): unknown }>();
const id = useId();
const shown = useEcho(() => props.modelValue);
</script>

<style scoped>
.choice {
    min-width: 0;
}

.label {
    display: block;
    margin-bottom: 5px;
    font-size: 13px;
    color: var(--z6);
}

.el-radio-group {
    display: grid;
    align-items: stretch;
    width: 100%;
    border: 1px solid var(--z4);
    border-radius: var(--corner);
    overflow: clip;
}

.el-radio-button {
    display: grid;
    box-shadow:
        1px 0 var(--z3),
        0 1px var(--z3);
}

.el-radio-button :deep(.el-radio-button__inner) {
    display: grid;
    place-items: center;
    width: 100%;
    height: 100%;
    min-height: 30px;
    padding: 2px 4px;
    border: 0;
    border-radius: 0;
    font-weight: 400;
    line-height: 1.25;
    white-space: normal;
}

.el-radio-button:has(:focus-visible) {
    outline: 2px solid var(--verd);
    outline-offset: -3px;
    box-shadow: inset 0 0 0 4px #fff;
}
</style>
