<template>
    <div class="shape">
        <SegmentChoice :label="setting.label" :columns="4" :model-value="named" :options="options" @update:model-value="choose" />
        <p v-if="named === OTHER" class="sides">
            <ElInputNumber
                v-for="(side, index) in sides"
                :key="index"
                :model-value="side"
                :min="1"
                :max="setting.longest"
                :precision="0"
                controls-position="right"
                :aria-label="index === 0 ? 'Width of the shape' : 'Height of the shape'"
                @change="type(index, $event)"
            />
            <span v-if="problem" role="alert">{{ problem }}</span>
        </p>
    </div>
</template>

<script setup lang="ts">
import { computed, ref } from 'vue';
import type { ShapeSetting } from '../api/types';
import SegmentChoice from '../shared/SegmentChoice.vue';

/** The shape all tiles share, one of the usual ones or any other; or each picture's own. */
const props = defineProps<{ setting: ShapeSetting; modelValue: string }>();
const emit = defineEmits<{ 'update:modelValue': [shape: string] }>();

const OTHER = 'other';

const problem = ref('');
const options = computed(() => [...props.setting.options, { value: OTHER, label: 'Other' }]);
const named = computed(() => (props.setting.options.some(({ value }) => value === props.modelValue) ? props.modelValue : OTHER));
const sides = computed(() => props.modelValue.split(':').map(Number));

function choose(value: string): void {
    emit('update:modelValue', value === OTHER ? props.setting.first : value);
}

function type(side: number, value: number | null | undefined): void {
    const next = [...sides.value];
    next[side] = value ?? 0;
    const [width = 0, height = 0] = next;
    const fits = Math.min(width, height) >= 1 && Math.max(width / height, height / width) <= props.setting.extreme;
    problem.value = fits ? '' : `from 1 to ${props.setting.extreme} up to ${props.setting.extreme} to 1`;
    if (fits) emit('update:modelValue', next.join(':'));
}
</script>

<style scoped>
.shape {
    display: grid;
    gap: 6px;
}

.sides {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
    font-size: 13px;
}

.el-input-number {
    width: 92px;
}

[role='alert'] {
    color: var(--rust);
}
</style>
