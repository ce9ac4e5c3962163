<template>
    <div class="filters" role="search" aria-label="Find pictures">
        <label>
            <span>Words</span>
            <ElInput :model-value="modelValue.words" clearable placeholder="in any of its words" @input="later" />
        </label>
        <ColourPick label="Colour" :model-value="modelValue.colour" @update:model-value="set({ colour: $event })" />
        <label>
            <span>Shape</span>
            <select :value="modelValue.shape" @change="set({ shape: valueOf($event) })">
                <option value="">any</option>
                <option v-for="shape in SHAPES" :key="shape" :value="shape">{{ shape }}</option>
            </select>
        </label>
        <div class="dates">
            <label>
                <span>From</span>
                <input type="date" :value="modelValue.from" @change="set({ from: valueOf($event) })" />
            </label>
            <label>
                <span>Until</span>
                <input type="date" :value="modelValue.until" @change="set({ until: valueOf($event) })" />
            </label>
        </div>
        <div class="marks">
            <label><input type="checkbox" :checked="modelValue.unused" @change="set({ unused: isOn($event) })" /> not used</label>
            <label><input type="checkbox" :checked="modelValue.undescribed" @change="set({ undescribed: isOn($event) })" /> no alt text</label>
        </div>
    </div>
</template>

<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core';
import type { StoreFilter } from '../api/queries';
import ColourPick from '../shared/ColourPick.vue';

const SHAPES = ['landscape', 'portrait', 'square', 'panorama'] as const;

/** ms after the last key until it is looked for. */
const PAUSE = 200;

const props = defineProps<{ modelValue: StoreFilter }>();
const emit = defineEmits<{ 'update:modelValue': [filter: StoreFilter] }>();
const later = useDebounceFn((words: string) => set({ words }), PAUSE);

function set(part: Partial<StoreFilter>): void {
    emit('update:modelValue', { ...props.modelValue, ...part });
}

const valueOf = (event: Event): string => (event.target as HTMLSelectElement | HTMLInputElement).value;
const isOn = (event: Event): boolean => (event.target as HTMLInputElement).checked;
</script>

<style scoped>
.filters {
    display: grid;
    align-content: start;
    gap: 12px;
}

label > span {
    display: block;
    margin-bottom: 4px;
    font-size: 13px;
    color: var(--z6);
}

select,
input[type='date'] {
    width: 100%;
}

.dates {
    display: grid;
    gap: 8px;
}

.marks {
    display: grid;
    gap: 2px;
}

.marks label {
    display: flex;
    align-items: center;
    gap: 8px;
    min-height: 28px;
    font-size: 13px;
}

input[type='checkbox'] {
    width: 16px;
    height: 16px;
    margin: 0;
    accent-color: var(--verd);
}
</style>
