<template>
    <div class="entry">
        <ElSwitch :model-value="page.menu_label !== null" active-text="In the menu" aria-label="In the menu" @change="toggle" />
        <label v-if="page.menu_label !== null">
            <span class="label">Menu label</span>
            <ElInput v-model="label" :maxlength="longest.menu_label" @change="keep" />
        </label>
    </div>
</template>

<script setup lang="ts">
import { ref, watch } from 'vue';
import { useVocabulary } from '../api/vocabulary';
import type { SitePage } from '../api/types';

const props = defineProps<{ page: SitePage }>();
const emit = defineEmits<{ change: [label: string | null] }>();
const { longest } = useVocabulary();
const label = ref('');

watch(
    () => props.page.menu_label,
    (value) => (label.value = value ?? ''),
    { immediate: true },
);

function toggle(is: unknown): void {
    emit('change', is === true ? props.page.title : null);
}

function keep(): void {
    if (label.value.trim() === '') label.value = props.page.menu_label ?? '';
    else emit('change', label.value);
}
</script>

<style scoped>
.entry {
    display: grid;
    gap: 10px;
}

.label {
    display: block;
    margin-bottom: 4px;
    font-size: 13px;
    color: var(--z6);
}
</style>
