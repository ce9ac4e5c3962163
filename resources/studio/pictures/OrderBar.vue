<template>
    <div v-if="by === null" class="order">
        <label>
            <span>Order by</span>
            <select :value="''" @change="emit('look', ($event.target as HTMLSelectElement).value as OrderName)">
                <option value="" disabled>choose…</option>
                <option v-for="order in ORDERS" :key="order.value" :value="order.value">{{ order.label }}</option>
            </select>
        </label>
    </div>
    <div v-else class="order looking" role="group" aria-label="An order to look at">
        <p>
            <b>{{ ORDERS.find(({ value }) => value === by)?.label }}</b>: this is how it would be.
        </p>
        <template v-if="by === 'shuffle'">
            <label>
                <span>Seed</span>
                <input type="number" min="0" max="9999" :value="seed" @change="emit('look', 'shuffle', Number(($event.target as HTMLInputElement).value))" />
            </label>
            <button class="act" type="button" @click="emit('look', 'shuffle')">Shuffle again</button>
        </template>
        <button class="act keep" type="button" @click="emit('keep')">Keep it</button>
        <button class="act" type="button" @click="emit('leave')">Leave it</button>
    </div>
</template>

<script setup lang="ts">
import type { OrderName } from '../api/types';
import { ORDERS } from './use-order';

defineProps<{ by: OrderName | null; seed: number }>();
const emit = defineEmits<{ look: [by: OrderName, seed?: number]; keep: []; leave: [] }>();
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

label {
    display: flex;
    align-items: center;
    gap: 6px;
    font-size: 13px;
    color: var(--z6);
}

input {
    width: 76px;
}

.keep {
    border-color: var(--verd);
    background: var(--verd);
    color: #fff;
}

.keep:hover:not(:disabled) {
    background: #095d53;
}
</style>
