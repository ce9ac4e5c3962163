<template>
    <div class="entry">
        <label class="switch">
            <input type="checkbox" :checked="page.menu_label !== null" @change="toggle" />
            <span>In the menu</span>
        </label>
        <label v-if="page.menu_label !== null">
            <span class="label">Menu label</span>
            <ElInput v-model="label" maxlength="40" @change="keep" />
        </label>
    </div>
</template>

<script setup lang="ts">
import { ref, watch } from 'vue';
import type { SitePage } from '../api/types';

const props = defineProps<{ page: SitePage }>();
const emit = defineEmits<{ change: [label: string | null] }>();
const label = ref('');

watch(
    () => props.page.menu_label,
    (value) => (label.value = value ?? ''),
    { immediate: true },
);

function toggle(event: Event): void {
    emit('change', (event.target as HTMLInputElement).checked ? props.page.title : null);
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

.switch {
    display: flex;
    align-items: center;
    gap: 8px;
    min-height: 32px;
    cursor: pointer;
}

input[type='checkbox'] {
    width: 18px;
    height: 18px;
    margin: 0;
    accent-color: var(--verd);
}

.label {
    display: block;
    margin-bottom: 4px;
    font-size: 13px;
    color: var(--z6);
}
</style>
