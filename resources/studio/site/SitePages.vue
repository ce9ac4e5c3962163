<template>
    <div class="pages">
        <section class="list" aria-label="Pages">
            <PageTree :shared="shared" :chosen="chosen?.id" @choose="choose">
                <template #default="{ page }">
                    <span v-if="page.panes.length > 0" class="here">{{ page.panes.map(({ gallery }) => gallery).join(', ') }}</span>
                </template>
            </PageTree>
            <BringIn :shared="shared" @done="choose" />
        </section>
        <section v-if="chosen" class="words">
            <h2>{{ chosen.title }}</h2>
            <PartsEditor :key="chosen.id" :page="chosen" @kept="refresh" @leave-out="leaveOut" />
        </section>
        <aside v-if="chosen" class="panel">
            <h2>The page</h2>
            <PageSettings :key="chosen.id" :page="chosen" :shared="shared" />
            <div v-if="chosen.panes.length > 0" class="block">
                <h3>Galleries here</h3>
                <p v-for="pane in chosen.panes" :key="pane.id">
                    <RouterLink class="go" :to="{ name: 'pages', params: { id: pane.gallery_id } }">{{ pane.gallery }}</RouterLink>
                    <span class="note">: {{ pane.says }}, {{ pane.says_spot }}</span>
                </p>
            </div>
        </aside>
    </div>
</template>

<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query';
import { computed } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { api } from '../api/client';
import BringIn from './BringIn.vue';
import PageSettings from './PageSettings.vue';
import PageTree from './PageTree.vue';
import PartsEditor from './PartsEditor.vue';
import type { UseSiteReturn } from './use-site';

/** All pages: their order, their words, what each is called. */
const props = defineProps<{ shared: UseSiteReturn }>();
const route = useRoute();
const router = useRouter();
const queries = useQueryClient();

const chosen = computed(() => props.shared.pages.value.find(({ id }) => id === route.query['page']) ?? props.shared.pages.value[0]);

function choose(page: string): void {
    void router.replace({ query: { page } });
}

/** The words are kept already; what else tells of them is asked anew. */
async function refresh(): Promise<void> {
    await Promise.all(['pages', 'site', 'gallery', 'galleries'].map((key) => queries.invalidateQueries({ queryKey: [key] })));
}

async function leaveOut(pane: string, item: string): Promise<void> {
    const known = chosen.value?.panes.find(({ id }) => id === pane)?.exceptions.left_out ?? [];
    await props.shared.act(() => api.patch(`panes/${pane}`, { exceptions: { left_out: [...known, item] } }), 'Left out in the gallery here.');
}
</script>

<style scoped>
.pages {
    display: grid;
    grid-template-columns: 260px minmax(0, 1fr) 320px;
    height: 100%;
}

.list,
.words,
.panel {
    display: grid;
    gap: 12px;
    align-content: start;
    padding: 14px 16px;
    overflow: auto;
}

.list {
    border-right: 2px solid var(--z4);
    background: var(--z1);
}

.words {
    background: var(--z2);
}

.words :deep(.editor),
.words h2 {
    width: min(760px, 100%);
    margin-inline: auto;
}

.panel {
    border-left: 2px solid var(--z4);
    background: var(--z0);
}

.here {
    color: var(--verd);
    font-size: 12px;
    font-weight: 600;
}

.block {
    display: grid;
    gap: 4px;
    padding-top: 10px;
    border-top: 1px solid var(--z3);
    font-size: 13px;
}

@media (width < 1180px) {
    .pages {
        grid-template-columns: 200px minmax(0, 1fr) 280px;
    }
}

@media (width < 900px) {
    .pages {
        grid-template-columns: minmax(0, 1fr);
        height: auto;
    }

    .list,
    .panel {
        border: 0;
    }
}
</style>
