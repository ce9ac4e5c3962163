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
                    <td :class="{ bad: row.bad?.(measures.wide) }">{{ row.of(measures.wide) }}</td>
                    <td :class="{ bad: row.bad?.(measures.phone) }">{{ row.of(measures.phone) }}</td>
                </tr>
            </tbody>
        </table>
    </section>
</template>

<script setup lang="ts">
import { computed } from 'vue';
import type { LayoutKind, Measures } from '../api/types';
import { useVocabulary } from '../api/vocabulary';
import { kilobytes, percent } from './figures';

const props = defineProps<{ measures: Record<'wide' | 'phone', Measures>; kind: LayoutKind }>();

const inColumns = computed(() => useVocabulary().layouts[props.kind].ends_in_columns);

interface Row {
    label: string;
    of: (measures: Measures) => string;
    bad?: (measures: Measures) => boolean;
}

const rows = computed<Row[]>(() => [
    inColumns.value
        ? { label: 'Columns end level', of: ({ complete, rows: columns }) => `${complete} of ${columns}` }
        : { label: 'Rows complete', of: ({ complete, rows: all }) => `${complete} of ${all}` },
    { label: 'Cropped away', of: ({ crop }) => percent(crop) },
    {
        label: 'Most cropped',
        of: ({ worst_crop, worst_picture }) => (worst_picture === null ? 'none' : `${percent(worst_crop)}, no. ${worst_picture + 1}`),
    },
    { label: 'Focal areas cut', of: ({ harmed }) => String(harmed), bad: ({ harmed }) => harmed > 0 },
    { label: inColumns.value ? 'Columns apart' : 'Row heights apart', of: ({ uneven }) => percent(uneven) },
    { label: 'Smallest, largest', of: ({ smallest, largest }) => `${smallest}, ${largest} px`, bad: ({ too_small }) => too_small },
    { label: 'Page used, across', of: ({ span }) => percent(span) },
    { label: 'Page used, down', of: ({ screens }) => `${screens.toFixed(1)} screens` },
    { label: 'Height in all', of: ({ height }) => `${height} px` },
    { label: 'Covered by tiles', of: ({ used }) => percent(used) },
    { label: 'First view', of: ({ first_bytes, first_requests }) => `${kilobytes(first_bytes)} in ${first_requests}` },
    { label: 'Whole gallery', of: ({ all_bytes, all_requests }) => `${kilobytes(all_bytes)} in ${all_requests}` },
]);
</script>

<style scoped>
table {
    width: 100%;
    border-collapse: collapse;
    font-size: 12px;
    font-variant-numeric: tabular-nums;
}

th {
    padding: 1px 0;
    font-weight: 400;
    text-align: left;
    color: var(--z5);
}

thead th,
tbody td {
    padding-left: 8px;
    text-align: right;
}

tbody td {
    font-weight: 600;
}

.bad {
    color: var(--rust);
}
</style>
