<template>
    <div v-if="by === null" class="order">
        <ElSelect class="by" :model-value="''" aria-label="Order by" placeholder="Order by…" @change="emit('look', $event)">
            <ElOption v-for="order in orders" :key="order.value" :value="order.value" :label="order.label" />
        </ElSelect>
    </div>
    <div v-else class="order looking" role="group" aria-label="An order to look at">
        <p>
            <b>{{ orders.find(({ value }) => value === by)?.label }}</b>: this is how it would be.
        </p>
        <template v-if="by === 'shuffle'">
            <span>Seed</span>
            <ElInputNumber
                :model-value="seed"
                :min="0"
                :max="seeds - 1"
                :precision="0"
                :controls="false"
                aria-label="Seed"
                @change="emit('look', 'shuffle', $event ?? 0)"
            />
            <ElButton @click="emit('look', 'shuffle')">Shuffle again</ElButton>
        </template>
        <ElButton ref="keep" type="info" @click="emit('keep')">Keep it</ElButton>
        <ElButton @click="emit('leave')">Leave it</ElButton>
    </div>
</template>

<script setup lang="ts">
import { nextTick, ref, watch } from 'vue';
import { useVocabulary } from '../api/vocabulary';
import type { OrderName } from '../api/types';

const props = defineProps<{ by: OrderName | null; seed: number }>();
const emit = defineEmits<{ look: [by: OrderName, seed?: number]; keep: []; leave: [] }>();
const { orders, seeds } = useVocabulary();
const keep = ref<{ $el: HTMLElement }>();

/** What is looked at is kept or left: the focus stands on that. */
watch(
    () => props.by,
    async (by, before) => {
        if (by === null || before !== null) return;
        await nextTick();
        keep.value?.$el.focus();
    },
);
</script>

<style scoped>
.order {
    display: flex;
    align-items: center;
    gap: 8px;
}

.looking {
    padding: 2px 4px 2px 10px;
    border-radius: var(--corner);
    background: var(--verd-tint);
    outline: 1px solid var(--verd);
}

.by {
    width: 150px;
}

.order .el-input-number {
    width: 84px;
}

.order .el-button {
    margin: 0;
}
</style>
