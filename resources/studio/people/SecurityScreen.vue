<template>
    <PlainScreen title="Security log">
        <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
        <ElSkeleton v-if="!first" :rows="8" animated aria-label="Fetching the log" role="status" />
        <section v-else aria-label="Entries">
            <ElSelect v-model="kind" class="kind" aria-label="What to show" placeholder="Everything" clearable>
                <ElOption v-for="one in first.kinds" :key="one.key" :value="one.key" :label="one.label" />
            </ElSelect>
            <p v-if="entries.length === 0">Nothing of this kind was noted.</p>
            <div v-else class="table">
                <table>
                    <thead>
                        <tr>
                            <th scope="col">When</th>
                            <th scope="col">What</th>
                            <th scope="col">Who</th>
                            <th scope="col">From</th>
                            <th scope="col">More</th>
                        </tr>
                    </thead>
                    <tbody>
                        <tr v-for="entry in entries" :key="entry.id">
                            <td class="note">{{ when(entry.at) }}</td>
                            <td>{{ entry.kind }}</td>
                            <td>{{ entry.who || '—' }}</td>
                            <td class="note">{{ entry.address || '—' }}</td>
                            <td>{{ entry.says }}</td>
                        </tr>
                    </tbody>
                </table>
            </div>
            <p v-if="more"><ElButton @click="older">Show older ones</ElButton></p>
        </section>
    </PlainScreen>
</template>

<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { api, withQuery } from '../api/client';
import type { SecurityLog } from '../api/types';
import { useAsking } from '../account/use-asking';
import PlainScreen from '../shared/PlainScreen.vue';
import ProblemNote from '../shared/ProblemNote.vue';
import { when } from '../shared/when';

const kind = ref<string>();
const pages = ref<SecurityLog[]>([]);
const first = computed(() => pages.value[0]);
const entries = computed(() => pages.value.flatMap((page) => page.entries));
const more = computed(() => pages.value.at(-1)?.more ?? false);
const { problem, ask } = useAsking();

async function fetch(before?: number): Promise<void> {
    await ask(async () => {
        const page = await api.get<SecurityLog>(withQuery('security', { kind: kind.value, before }));
        pages.value = before === undefined ? [page] : [...pages.value, page];
    });
}

const older = (): Promise<void> => fetch(entries.value.at(-1)?.id);

watch(kind, () => fetch(), { immediate: true });
</script>

<style scoped>
.kind {
    width: 220px;
}

.table {
    overflow-x: auto;
}

table {
    width: 100%;
    border-collapse: collapse;
}

th,
td {
    padding: 6px 12px 6px 0;
    text-align: start;
    vertical-align: top;
    border-bottom: 1px solid var(--z2);
}

th {
    font-size: 12px;
    color: var(--z5);
    font-weight: 600;
}

td:nth-child(-n + 4) {
    white-space: nowrap;
}

td:last-child {
    min-width: 220px;
    overflow-wrap: anywhere;
}

/* On a phone each entry takes two lines: what is said of it would else lie beyond the edge. */
@media (width < 600px) {
    thead {
        position: absolute;
        clip-path: inset(50%);
    }

    tr {
        display: grid;
        grid-template-columns: 132px 1fr auto;
        gap: 2px 12px;
        padding: 8px 0;
        border-bottom: 1px solid var(--z2);
    }

    td {
        padding: 0;
        border: 0;
    }

    td:nth-child(-n + 4) {
        white-space: normal;
        overflow-wrap: anywhere;
    }

    td:last-child {
        grid-column: span 2;
        min-width: 0;
    }
}
</style>
