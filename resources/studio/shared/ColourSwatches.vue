<template>
    <ElRadioGroup class="swatches" :model-value="modelValue" :aria-label="label" @change="emit('update:modelValue', $event as string)">
        <ElRadioButton v-for="one in colours" :key="one.name" :value="one.colour" :title="one.name" :style="{ '--colour': one.colour }">
            <span class="unseen">{{ one.name }}</span>
        </ElRadioButton>
    </ElRadioGroup>
</template>

<script setup lang="ts">
/** Colours to choose from at a glance, each by its name for who does not see it. */
defineProps<{ label: string; modelValue: string; colours: readonly { name: string; colour: string }[] }>();
const emit = defineEmits<{ 'update:modelValue': [colour: string] }>();
</script>

<style scoped>
.swatches {
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
</style>
