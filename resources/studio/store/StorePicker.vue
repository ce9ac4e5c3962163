<template>
    <div class="picker">
        <div class="line">
            <ElInput
                :model-value="filter.words"
                clearable
                placeholder="Find by words"
                aria-label="Find by words"
                @input="filter = { ...filter, words: $event }"
            />
            <ElCheckbox v-model="onlyUnused">not used</ElCheckbox>
        </div>
        <StoreGrid label="Pictures of the store" :store="store" :selection="selection" :size="128" :in-gallery="inGallery" @open="emit('put', [$event.id])" />
        <div class="line">
            <ElButton :disabled="wanted.length === 0" @click="put">
                {{ wanted.length === 0 ? 'Choose pictures to put in' : wanted.length === 1 ? 'Put 1 picture in' : `Put ${wanted.length} pictures in` }}
            </ElButton>
            <span class="note">{{ store.total.value }} pictures</span>
        </div>
    </div>
</template>

<script setup lang="ts">
import { computed, ref } from 'vue';
import { useSelection } from '../shared/use-selection';
import { everything } from './filter';
import StoreGrid from './StoreGrid.vue';
import { useStore } from './use-store';

const props = defineProps<{ inGallery: ReadonlySet<string> }>();
const emit = defineEmits<{ put: [pictures: string[]] }>();
const filter = ref(everything());
const onlyUnused = ref(false);
const store = useStore(() => ({ ...filter.value, unused: onlyUnused.value }));
const selection = useSelection(store.ids);
const wanted = computed(() => selection.list.value.filter((id) => !props.inGallery.has(id)));

function put(): void {
    emit('put', wanted.value);
    selection.none();
}
</script>

<style scoped>
.picker {
    display: grid;
    grid-template-rows: auto minmax(0, 1fr) auto;
    gap: 10px;
    min-height: 0;
}

.line {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 14px;
}

.line .note {
    color: var(--z6);
}
</style>
