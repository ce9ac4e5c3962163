<template>
    <div class="size">
        <span>Size of the tiles here</span>
        <ElSelect :model-value="choice" :empty-values="[null]" :value-on-clear="null" aria-label="Size of the tiles here" @change="choose">
            <ElOption value="" label="as in the gallery" />
            <ElOption v-for="name in names" :key="name.value" :value="name.value" :label="name.label.toLowerCase()" />
            <ElOption value="px" label="in px" />
        </ElSelect>
        <ElInputNumber
            v-if="choice === 'px'"
            :model-value="px"
            :min="range[0]"
            :max="range[1]"
            :precision="0"
            aria-label="Size of the tiles here in px"
            @change="emit('change', $event ?? first)"
        />
    </div>
</template>

<script setup lang="ts">
import { computed } from 'vue';
import { useVocabulary } from '../api/vocabulary';

/** How large tiles are in one place: a name, px, or null for the gallery's own size. */
const props = defineProps<{ size: string | null }>();
const emit = defineEmits<{ change: [size: string | number | null] }>();
const { names, range, first } = useVocabulary().tile_sizes;

const px = computed(() => (props.size === null ? NaN : Number(props.size)));
const choice = computed(() => (props.size === null ? '' : Number.isNaN(px.value) ? props.size : 'px'));

function choose(value: string): void {
    emit('change', value === '' ? null : value === 'px' ? first : value);
}
</script>

<style scoped>
.size {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 128px;
    gap: 4px 8px;
    font-size: 13px;
    color: var(--z6);
}

.size > span {
    grid-column: 1 / -1;
}

.el-input-number {
    width: 100%;
}
</style>
