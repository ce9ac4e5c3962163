<template>
    <div v-if="gallery" class="stage">
        <div class="column">
            <h2 ref="heading" tabindex="-1">{{ title }}</h2>
            <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
            <ProblemNote v-if="error">{{ messageOf(error) }}</ProblemNote>
            <ElSkeleton v-else-if="!list" :rows="4" animated role="status" aria-label="Looking the gallery over" />
            <NothingHere v-else-if="list?.snags.length === 0">Nothing that visitors would trip over.</NothingHere>
            <section v-for="{ stage, label, snags } in byStage" :key="stage" :aria-label="label">
                <h3>{{ label }}</h3>
                <ul>
                    <SnagRow
                        v-for="snag in snags"
                        :key="snag.code"
                        :gallery="gallery"
                        :snag="snag"
                        :places="list?.places ?? null"
                        :busy="busy"
                        @mend="mend(snag, $event)"
                        @mean="mean(snag, $event)"
                    />
                </ul>
            </section>
            <section v-if="list && list.meant.length > 0" aria-label="Meant to be so">
                <h3>Meant to be so</h3>
                <ul class="meant">
                    <li v-for="one in list.meant" :key="one.code">
                        <span
                            ><b>{{ one.kind }}</b
                            >: “{{ one.word }}” <span class="note">{{ one.by ?? 'somebody' }}, {{ when(one.at) }}</span></span
                        >
                        <ElButton size="small" @click="doubt(one)"
                            >Look at it again<span class="unseen">: {{ one.kind }}</span></ElButton
                        >
                    </li>
                </ul>
            </section>
        </div>
    </div>
</template>

<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query';
import { computed, ref } from 'vue';
import { api, messageOf } from '../api/client';
import type { MeantSnag, Mend, Snag } from '../api/types';
import { useAsking } from '../account/use-asking';
import { useGallery } from '../gallery-state/use-gallery';
import { announce } from '../shared/announce';
import NothingHere from '../shared/NothingHere.vue';
import ProblemNote from '../shared/ProblemNote.vue';
import { when } from '../shared/when';
import SnagRow from './SnagRow.vue';
import { countOf } from './snags';
import { useSnags } from './use-snags';

/** All that visitors of the gallery would trip over, in the order of the stages. */
const LABELS = { pictures: 'Pictures', words: 'Words', layout: 'Layout', finish: 'Finish', viewer: 'Viewer', pages: 'Pages' } as const;

const props = defineProps<{ id: string }>();
const { gallery, change, flush, state } = useGallery(() => props.id);
const { found: list, error } = useSnags(gallery, 'places');
const queries = useQueryClient();
const { problem, ask } = useAsking();
const heading = ref<HTMLElement>();
const busy = computed(() => state.value.busy > 0);
const title = computed(() => (!list.value ? 'Snags' : list.value.snags.length === 0 ? 'No snags' : countOf(list.value.snags.length)));
const byStage = computed(() =>
    Object.entries(LABELS)
        .map(([stage, label]) => ({ stage, label, snags: list.value?.snags.filter((snag) => snag.stage === stage) ?? [] }))
        .filter(({ snags }) => snags.length > 0),
);

async function look(): Promise<void> {
    heading.value?.focus();
    await Promise.all(['snags', 'galleries', 'pages', 'site'].map((key) => queries.invalidateQueries({ queryKey: [key] })));
}

async function mend(snag: Snag, { change: wanted, page }: Mend): Promise<void> {
    if (wanted) {
        await change(wanted);
        const isKept = await flush();
        announce(isKept ? `${snag.kind}: mended. One undo takes it back.` : `${snag.kind}: mended as soon as it can be kept.`);
    } else if (page) {
        if (!(await ask(() => api.patch(`pages/${page.id}`, { menu_label: page.menu_label })))) return;
        announce('It is in the menu now. Undo of pages takes it back.');
    }
    await look();
}

async function mean(snag: Snag, word: string): Promise<void> {
    if (!(await ask(() => api.put(`galleries/${props.id}/snags/${snag.code}/meant`, { word })))) return;
    announce(`${snag.kind}: meant to be so. It comes back when something of it changes.`);
    await look();
}

async function doubt(one: MeantSnag): Promise<void> {
    if (await ask(() => api.delete(`galleries/${props.id}/snags/${one.code}/meant`))) await look();
}
</script>

<style scoped>
.stage {
    height: 100%;
    overflow: auto;
    background: var(--mat);
}

.column {
    display: grid;
    gap: 16px;
    max-width: 1000px;
    margin: 0 auto;
    padding: 18px 20px 40px;
}

h2 {
    justify-self: start;
    font-size: 18px;
    font-weight: 600;
}

h3 {
    margin-bottom: 6px;
    font-size: 13px;
    font-weight: 600;
    color: var(--z7);
}

ul {
    display: grid;
    gap: 10px;
}

.meant li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: 4px 16px;
    padding: 8px 14px;
    background: var(--z0);
    border: 1px solid var(--z3);
}
</style>
