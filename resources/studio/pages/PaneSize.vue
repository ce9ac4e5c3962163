<template>
    <div class="size">
        <label>
            <span>Size of the tiles here</span>
            <select :value="choice" @change="choose(($event.target as HTMLSelectElement).value)">
                <option value="">as in the gallery</option>
                <option v-for="{ value, label } in TILE_SIZES" :key="value" :value="value">{{ label.toLowerCase() }}</option>
                <option value="px">in px</option>
            </select>
        </label>
        <label v-if="choice === 'px'" class="px">
            <input type="number" aria-label="Size of the tiles here in px" :min="range[0]" :max="range[1]" :value="px" @change="type" />
            <span>px</span>
        </label>
    </div>
</template>

<script setup lang="ts">
import { computed } from 'vue';
import { TILE_SIZES } from '../shared/tile-sizes';

/** How large tiles are in one place: a name, px, or null for the gallery's own size. */
const props = defineProps<{ size: string | null; range: [number, number] }>();
const emit = defineEmits<{ change: [size: string | number | null] }>();

/** What "in px" begins with. */
const FIRST = 220;

const px = computed(() => (props.size === null ? NaN : Number(props.size)));
const choice = computed(() => (props.size === null ? '' : Number.isNaN(px.value) ? props.size : 'px'));

function choose(value: string): void {
    emit('change', value === '' ? null : value === 'px' ? FIRST : value);
}

function type(event: Event): void {
    const field = event.target as HTMLInputElement;
    const value = Math.round(Math.max(props.range[0], Math.min(props.range[1], Number(field.value) || FIRST)));
    field.value = String(value);
    emit('change', value);
}
</script>

<style scoped>
.size {
    display: flex;
    align-items: end;
    gap: 8px;
}

label {
    display: grid;
    gap: 3px;
    font-size: 13px;
    color: var(--z6);
}

.px {
    grid-template-columns: 76px auto;
    align-items: center;
}

input {
    width: 76px;
}
</style>
