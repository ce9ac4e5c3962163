<template>
    <div class="pick">
        <StoreGrid label="Pictures of the store" :store="store" :selection="selection" :size="128" :in-gallery="new Set()" @open="emit('take', $event.id)" />
        <ElButton :disabled="selection.list.value.length !== 1" @click="emit('take', selection.list.value[0] ?? '')">Take it</ElButton>
    </div>
</template>

<script setup lang="ts">
import { useSelection } from '../shared/use-selection';
import { everything } from './filter';
import StoreGrid from './StoreGrid.vue';
import { useStore } from './use-store';

/** One picture of the store: the one that is chosen, or the one that is opened. */
const emit = defineEmits<{ take: [id: string] }>();
const store = useStore(everything);
const selection = useSelection(store.ids);
</script>

<style scoped>
.pick {
    display: grid;
    grid-template-rows: minmax(0, 1fr) auto;
    gap: 10px;
    height: 100%;
}
</style>
