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
    </div>
</template>

<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query';
import { api } from '../api/client';
import type { ElsewhereOfSite } from '../api/types';
import WhoMayEmbed from '../elsewhere/WhoMayEmbed.vue';

/** Pages of other sites: who may have a gallery on them, and who asked and may not. */
const { data, refetch } = useQuery({ queryKey: ['elsewhere'], queryFn: () => api.get<ElsewhereOfSite>('elsewhere'), staleTime: 0 });
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
</style>
