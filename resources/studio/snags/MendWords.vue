<template>
    <span v-if="error">{{ error.message }}</span>
    <span v-else-if="!data" class="note">…</span>
    <span v-else>
        {{ data.says }}
        <span v-for="row in data.rows.slice(0, MOST)" :key="row.item + row.field" class="row"
            >{{ row.name }}, {{ row.field }}: <s v-if="row.before">{{ row.before }}</s> {{ row.after || 'nothing' }}</span
        >
        <span v-if="data.rows.length > MOST" class="row note">and {{ data.rows.length - MOST }} more</span>
    </span>
</template>

<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query';
import { computed } from 'vue';
import { mendQuery } from '../api/queries';
import type { Change } from '../api/types';

/** What a mend of one of many galleries would come to, in words. */
const MOST = 5;

const props = defineProps<{ gallery: string; version: number; change: Change }>();
const { data, error } = useQuery(computed(() => mendQuery(props.gallery, props.version, props.change)));
</script>

<style scoped>
.row {
    display: block;
    padding-inline-start: 14px;
    overflow-wrap: anywhere;
}

s {
    color: var(--z6);
}
</style>
