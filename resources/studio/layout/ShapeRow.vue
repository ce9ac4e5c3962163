<template>
    <div class="shape">
        <SegmentChoice label="Shape of the tiles" :columns="4" :model-value="named" :options="SHAPES" @update:model-value="choose" />
        <p v-if="named === 'other'" class="sides">
            <input type="number" aria-label="Width of the shape" min="1" max="99" :value="sides[0]" @change="type(0, $event)" />
            to
            <input type="number" aria-label="Height of the shape" min="1" max="99" :value="sides[1]" @change="type(1, $event)" />
            <span v-if="problem" role="alert">{{ problem }}</span>
        </p>
    </div>
</template>

<script setup lang="ts">
import { computed, ref } from 'vue';
import SegmentChoice from '../shared/SegmentChoice.vue';

/** The shape all tiles share, one of the usual ones or any other; or each picture's own. */
const props = defineProps<{ shape: string; extreme: number }>();
const emit = defineEmits<{ change: [shape: string] }>();

const SHAPES = [
    { value: '1:1', label: 'Square' },
    { value: '4:3', label: '4:3' },
    { value: '3:2', label: '3:2' },
    { value: '16:9', label: '16:9' },
    { value: '2:3', label: '2:3' },
    { value: 'own', label: 'Own' },
    { value: 'other', label: 'Other' },
] as const;

/** What "Other" begins with. */
const FIRST = '5:4';

const problem = ref('');
const named = computed(() => SHAPES.find(({ value }) => value === props.shape)?.value ?? 'other');
const sides = computed(() => props.shape.split(':').map(Number));

function choose(value: (typeof SHAPES)[number]['value']): void {
    emit('change', value === 'other' ? FIRST : value);
}

function type(side: number, event: Event): void {
    const next = [...sides.value];
    next[side] = Math.round(Number((event.target as HTMLInputElement).value));
    const [width = 0, height = 0] = next;
    const fits = Math.min(width, height) >= 1 && Math.max(width, height) <= 99 && Math.max(width / height, height / width) <= props.extreme;
    problem.value = fits ? '' : `from 1 to ${props.extreme} up to ${props.extreme} to 1`;
    if (fits) emit('change', next.join(':'));
}
</script>

<style scoped>
.shape {
    display: grid;
    gap: 6px;
}

.sides {
    display: flex;
    gap: 8px;
    align-items: center;
    margin: 0;
    font-size: 13px;
    color: var(--z6);
}

input {
    width: 64px;
}

[role='alert'] {
    color: var(--rust);
}
</style>
