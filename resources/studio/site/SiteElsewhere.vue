<template>
    <div class="elsewhere">
        <h2>Who may embed galleries of this site</h2>
        <p class="note">Each gallery may say otherwise, in Pages, “On other sites”.</p>
        <WhoMayEmbed
            v-if="data"
            label="Who may embed galleries of this site"
            path="elsewhere"
            :told="data.rule"
            :options="data.rules"
            :refusals="data.refusals"
            with-gallery
            @changed="refetch()"
        />
        <template v-if="data">
            <h2>How pictures may be used</h2>
            <p class="note">Search engines show the page that tells it beside each picture that has a licence.</p>
            <ElSelect
                v-model="acquire"
                class="page"
                :empty-values="[null]"
                aria-label="Page that tells how pictures may be used"
                :disabled="busy"
                @change="save"
            >
                <ElOption value="" label="No page" />
                <ElOption v-for="page in data.pages" :key="page.id" :value="page.id" :label="page.title" />
            </ElSelect>
            <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
        </template>
    </div>
</template>

<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query';
import { ref, watch } from 'vue';
import { useAsking } from '../account/use-asking';
import { api } from '../api/client';
import type { ElsewhereOfSite } from '../api/types';
import WhoMayEmbed from '../elsewhere/WhoMayEmbed.vue';
import { announce } from '../shared/announce';
import ProblemNote from '../shared/ProblemNote.vue';

/** Pages of other sites: who may have a gallery on them, and who asked and may not. */
const { data, refetch } = useQuery({ queryKey: ['elsewhere'], queryFn: () => api.get<ElsewhereOfSite>('elsewhere'), staleTime: 0 });
const { problem, ask, busy } = useAsking();
const acquire = ref('');
watch(data, () => (acquire.value = data.value?.acquire_page ?? ''), { immediate: true });

async function save(): Promise<void> {
    const told = await ask(() => api.put('elsewhere/acquire-page', { page_id: acquire.value || null }));
    if (told) announce(acquire.value === '' ? 'No page tells it.' : 'Told at once on all live pages.');
    await refetch();
}
</script>

<style scoped>
.elsewhere {
    display: grid;
    gap: 10px;
    max-width: 640px;
    margin: 24px auto;
    padding: 20px 24px;
    border: 1px solid var(--z3);
    border-radius: var(--corner);
    background: var(--z0);
}

.page {
    max-width: 340px;
}

h2 + .note {
    margin-top: -4px;
}

form + h2 {
    margin-top: 14px;
}
</style>
