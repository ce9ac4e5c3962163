<template>
    <div class="history">
        <h2>What was done to the pages</h2>
        <ProblemNote v-if="shared.problem.value">{{ shared.problem.value }}</ProblemNote>
        <p v-if="newest && acts.length === 0" class="note">
            Nothing yet. What is done to pages and to where galleries stand is told here, and can be gone back to.
        </p>
        <ActList :acts="acts" :more="more" :earlier="earlier" :busy="shared.busy.value" @back="back" />
        <h2>Galleries</h2>
        <ul class="galleries">
            <li v-for="gallery in shared.site.value?.galleries" :key="gallery.id">
                <RouterLink class="go" :to="{ name: 'history', params: { id: gallery.id } }">History of {{ gallery.title }}</RouterLink>
            </li>
        </ul>
    </div>
</template>

<script setup lang="ts">
import { api } from '../api/client';
import type { SiteHistory } from '../api/types';
import ProblemNote from '../shared/ProblemNote.vue';
import ActList from './ActList.vue';
import { useActs } from './use-acts';
import type { UseSiteReturn } from './use-site';

/** What was done to pages and places. */
const props = defineProps<{ shared: UseSiteReturn }>();
const { newest, acts, more, earlier, refetch } = useActs<SiteHistory>(
    () => ['site', 'history'],
    () => 'site/history',
);

async function back(entry: number): Promise<void> {
    await props.shared.act(() => api.post('site/back', { entry }), 'The pages are as they were then.');
    await refetch();
}
</script>

<style scoped>
.history {
    display: grid;
    gap: 10px;
    max-width: 880px;
    margin: 0 auto;
    padding: 24px;
}

.note {
    color: var(--z6);
}

.galleries {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 20px;
}
</style>
