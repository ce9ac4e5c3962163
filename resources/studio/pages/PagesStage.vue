<template>
    <div v-if="gallery" class="stage">
        <section class="list" aria-label="Pages of the site">
            <h2>Pages</h2>
            <ul>
                <li v-for="page in pages" :key="page.id">
                    <ElButton class="page" :class="{ on: page.id === chosen?.id }" :aria-pressed="page.id === chosen?.id" @click="chosenId = page.id">
                        <b>{{ page.title }}</b>
                        <span class="note">{{ page.menu_label === null ? 'not in the menu' : `in the menu as “${page.menu_label}”` }}</span>
                        <span v-if="here(page)" class="here">{{ here(page) === 1 ? 'stands here' : `stands here ${here(page)} times` }}</span>
                    </ElButton>
                </li>
            </ul>
        </section>
        <section class="mat" aria-label="The page as it is saved">
            <PagePreview v-if="chosen" :page="chosen" :gallery="gallery" @place="place" />
        </section>
        <aside class="panel" aria-label="Placement">
            <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
            <template v-if="chosen">
                <h2>{{ chosen.title }}</h2>
                <MenuEntry :key="chosen.id" :page="chosen" @change="relabel" />
                <div class="block">
                    <h3>This gallery on the page</h3>
                    <p v-if="own.length === 0" class="note">Not there yet. Choose a spot on the page.</p>
                    <ul v-else>
                        <li v-for="pane in own" :key="pane.id" class="pane">
                            <div class="where">
                                <span>{{ pane.spot === 0 ? 'At the top' : `After block ${pane.spot}` }}</span>
                                <ElButton type="danger" plain @click="take(pane.id)">Take away</ElButton>
                            </div>
                            <PaneSize v-if="layouts[gallery.design.layout.kind].has_tile_size" :size="pane.tile_size" @change="resize(pane.id, $event)" />
                        </li>
                    </ul>
                </div>
                <p><a :href="chosen.address" target="_blank" rel="noopener">Open the live page</a></p>
            </template>
            <EmbedSnippet :line="gallery.embed" :live="gallery.live.at !== null" />
        </aside>
    </div>
</template>

<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query';
import { computed, ref } from 'vue';
import { api, Problem } from '../api/client';
import { pagesQuery } from '../api/queries';
import type { SitePage } from '../api/types';
import { useVocabulary } from '../api/vocabulary';
import { useGallery } from '../gallery/use-gallery';
import { announce } from '../shared/announce';
import ProblemNote from '../shared/ProblemNote.vue';
import EmbedSnippet from './EmbedSnippet.vue';
import MenuEntry from './MenuEntry.vue';
import PagePreview from './PagePreview.vue';
import PaneSize from './PaneSize.vue';

const props = defineProps<{ id: string }>();
const { gallery, reload } = useGallery(() => props.id);
const queries = useQueryClient();
const { layouts } = useVocabulary();
const { data: pages } = useQuery(pagesQuery());
const chosenId = ref<string>();
const problem = ref('');

const chosen = computed(() => pages.value?.find((page) => page.id === (chosenId.value ?? gallery.value?.panes[0]?.page_id)) ?? pages.value?.[0]);
const own = computed(() => chosen.value?.panes.filter((pane) => pane.gallery_id === props.id) ?? []);

function here(page: SitePage): number {
    return page.panes.filter((pane) => pane.gallery_id === props.id).length;
}

async function act(work: () => Promise<unknown>, told: string): Promise<void> {
    problem.value = '';
    try {
        await work();
        announce(told);
    } catch (error) {
        problem.value = error instanceof Problem ? error.message : 'That could not be done. Try again.';
    }
    await Promise.all([queries.invalidateQueries({ queryKey: pagesQuery().queryKey }), queries.invalidateQueries({ queryKey: ['galleries'] }), reload()]);
}

async function place(spot: number): Promise<void> {
    const page = chosen.value;
    if (page) await act(() => api.post('panes', { page_id: page.id, gallery_id: props.id, spot }), `Placed on ${page.title}.`);
}

async function take(pane: string): Promise<void> {
    await act(() => api.delete(`panes/${pane}`), 'Taken from the page.');
}

async function resize(pane: string, size: string | number | null): Promise<void> {
    await act(() => api.patch(`panes/${pane}`, { tile_size: size }), size === null ? 'Tiles as in the gallery.' : 'Tiles of another size here.');
}

async function relabel(label: string | null): Promise<void> {
    const page = chosen.value;
    if (page) await act(() => api.patch(`pages/${page.id}`, { menu_label: label }), label === null ? 'Not in the menu any more.' : `In the menu as ${label}.`);
}
</script>

<style scoped>
.stage {
    display: grid;
    grid-template-columns: 232px minmax(0, 1fr) 336px;
    height: 100%;
}

.list {
    padding: 14px 12px;
    border-right: 2px solid var(--z4);
    background: var(--z1);
    overflow: auto;
}

.list ul {
    display: grid;
    gap: 6px;
    margin-top: 10px;
}

.page {
    width: 100%;
    height: auto;
    padding: 8px 10px;
    font-weight: 400;
    line-height: 1.4;
    text-align: left;
}

.page :deep(> span) {
    display: grid;
    gap: 1px;
    justify-items: start;
    width: 100%;
    white-space: normal;
}

.page.on {
    border-color: var(--verd);
    box-shadow: inset 0 0 0 1px var(--verd);
    background: var(--verd-tint);
}

.page.on .note {
    color: var(--z6);
}

b {
    font-weight: 600;
}

.here {
    color: var(--verd);
    font-size: 12px;
    font-weight: 600;
}

.mat {
    padding: 14px 18px 18px;
    background: var(--mat);
    min-height: 0;
    overflow: hidden;
}

.panel {
    display: flex;
    flex-direction: column;
    gap: 16px;
    padding: 14px 16px;
    border-left: 2px solid var(--z4);
    background: var(--z0);
    overflow: auto;
}

.block {
    display: grid;
    gap: 6px;
}

.pane {
    display: grid;
    gap: 4px;
    padding: 4px 0;
}

.where {
    display: flex;
    align-items: center;
    justify-content: space-between;
}

@media (width < 1180px) {
    .stage {
        grid-template-columns: 190px minmax(0, 1fr) 280px;
    }
}

/* One below the other: the screen scrolls. */
@media (width < 900px) {
    .stage {
        grid-template-columns: minmax(0, 1fr);
        grid-template-rows: auto 60vh auto;
        height: auto;
    }

    .list,
    .panel {
        border: 0;
    }
}
</style>
