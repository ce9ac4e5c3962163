<template>
    <section class="measures">
        <h2>Measures</h2>
        <table>
            <thead>
                <tr>
                    <td />
                    <th scope="col">Wide</th>
                    <th scope="col">Phone</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="row in rows" :key="row.label">
                    <th scope="row">{{ row.label }}</th>
                    <td>{{ row.of(facts.wide) }}</td>
                    <td>{{ row.of(facts.phone) }}</td>
                </tr>
            </tbody>
        </table>
    </section>
</template>

<script setup lang="ts">
import type { Facts } from '../api/types';

defineProps<{ facts: Record<'wide' | 'phone', Facts>; count: number }>();

const rows: { label: string; of: (facts: Facts) => string }[] = [
    { label: 'Columns', of: ({ columns }) => String(columns) },
    { label: 'Rows', of: ({ rows: number }) => String(number) },
    { label: 'In the last row', of: ({ in_last_row: last, columns }) => `${last} of ${columns}` },
    { label: 'Width of a tile', of: ({ tile }) => `${tile} px` },
    { label: 'Height in all', of: ({ height }) => `${height} px` },
];
</script>

<style scoped>
.measures {
    margin-top: auto;
    padding-top: 10px;
    border-top: 2px solid var(--z3);
}

table {
    width: 100%;
    border-collapse: collapse;
    font-size: 13px;
    font-variant-numeric: tabular-nums;
}

th {
    padding: 3px 0;
    font-weight: 400;
    text-align: left;
    color: var(--z5);
}

thead th,
tbody td {
    text-align: right;
}

tbody td {
    font-weight: 600;
}
</style>
