<template>
    <div class="filters" role="search" aria-label="Find pictures">
        <label>
            <span>Words</span>
            <ElInput :model-value="modelValue.words" clearable placeholder="in any of its words" @input="later" />
        </label>
        <ColourPick label="Colour" :model-value="modelValue.colour" @update:model-value="set({ colour: $event })" />
        <label>
            <span>Shape</span>
            <ElSelect :model-value="modelValue.shape" aria-label="Shape" placeholder="any" clearable :value-on-clear="''" @change="set({ shape: $event })">
                <ElOption v-for="shape in shapes" :key="shape.value" :value="shape.value" :label="shape.label" />
            </ElSelect>
        </label>
        <div class="dates">
            <span>Taken</span>
            <label class="unseen" for="store-from">Taken from</label>
            <label class="unseen" for="store-until">Taken until</label>
            <ElDatePicker
                :model-value="[modelValue.from, modelValue.until]"
                type="daterange"
                unlink-panels
                :format="order"
                value-format="YYYY-MM-DD"
                start-placeholder="from"
                end-placeholder="until"
                :id="['store-from', 'store-until']"
                @update:model-value="between"
            />
        </div>
        <div class="marks">
            <ElCheckbox :model-value="modelValue.unused" @change="set({ unused: $event === true })">not used</ElCheckbox>
            <ElCheckbox :model-value="modelValue.undescribed" @change="set({ undescribed: $event === true })">no alt text</ElCheckbox>
        </div>
    </div>
</template>

<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core';
import type { StoreFilter } from '../api/queries';
import { useVocabulary } from '../api/vocabulary';
import { dateOrder } from '../shared/date-order';
import ColourPick from '../shared/ColourPick.vue';

/** ms after the last key until it is looked for. */
const PAUSE = 200;

const { shapes } = useVocabulary();
const props = defineProps<{ modelValue: StoreFilter }>();
const emit = defineEmits<{ 'update:modelValue': [filter: StoreFilter] }>();
const later = useDebounceFn((words: string) => set({ words }), PAUSE);

/** As this person writes a date: day, month and year in their own order. */
const order = dateOrder(navigator.language);

function between(dates: [string, string] | null): void {
    set({ from: dates?.[0] ?? '', until: dates?.[1] ?? '' });
}

function set(part: Partial<StoreFilter>): void {
    emit('update:modelValue', { ...props.modelValue, ...part });
}
</script>

<style scoped>
.filters {
    display: grid;
    align-content: start;
    gap: 12px;
}

label > span,
.dates > span {
    display: block;
    margin-bottom: 4px;
    font-size: 13px;
    color: var(--z6);
}

.dates :deep(.el-date-editor) {
    width: 100%;
    padding-inline: 6px;
}

.marks {
    display: grid;
    gap: 2px;
}
</style>
