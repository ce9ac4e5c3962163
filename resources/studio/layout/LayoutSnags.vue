<template>
    <section v-if="snags.length > 0" class="snags" aria-label="Snags of the layout">
        <h2>{{ snags.length === 1 ? 'One snag' : `${snags.length} snags` }}</h2>
        <ul>
            <li v-for="snag in snags" :key="snag.code">
                <p>{{ snag.says }}</p>
                <div class="mends">
                    <ElButton v-for="mend in snag.mends" :key="mend.label" @click="emit('mend', mend.change)">{{ mend.label }}</ElButton>
                    <ElButton v-if="snag.in_crops" @click="emit('crops')">Show the crops</ElButton>
                </div>
            </li>
        </ul>
    </section>
</template>

<script setup lang="ts">
import type { Change, Snag } from '../api/types';

defineProps<{ snags: readonly Snag[] }>();
const emit = defineEmits<{ mend: [change: Change | null]; crops: [] }>();
</script>

<style scoped>
.snags {
    max-height: 100%;
    padding: 10px 16px 12px;
    overflow: auto;
    border-top: 3px solid var(--rust);
    background: var(--rust-tint);
}

h2 {
    font-size: 14px;
    color: var(--rust);
}

ul {
    display: grid;
    gap: 10px;
    margin-top: 6px;
}

p {
    margin: 0 0 5px;
    font-size: 13px;
}

.mends {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
}

.act {
    min-height: 28px;
    padding: 2px 10px;
    font-size: 12px;
}
</style>
