<template>
    <div v-if="gallery" class="stage">
        <section class="list" aria-label="Pages">
            <div class="head">
                <h2>Pages</h2>
                <ElButton
                    size="small"
                    :icon="RefreshLeft"
                    :disabled="!site?.undo"
                    :aria-label="site?.undo ? `Undo of pages: ${site.undo.says}` : 'Undo of pages'"
                    @click="shared.undo()"
                />
                <ElButton
                    size="small"
                    :icon="RefreshRight"
                    :disabled="!site?.redo"
                    :aria-label="site?.redo ? `Redo of pages: ${site.redo.says}` : 'Redo of pages'"
                    @click="shared.redo()"
                />
            </div>
            <PageTree :shared="shared" :chosen="chosen?.id" @choose="choose">
                <template #default="{ page }">
                    <span v-if="here(page)" class="here">{{ here(page) === 1 ? 'stands here' : `stands here ${here(page)} times` }}</span>
                </template>
            </PageTree>
            <BringIn :shared="shared" @done="choose" />
        </section>
        <section class="mat" aria-label="The page as it is saved">
            <PageProof
                v-if="chosen"
                :key="chosen.id"
                :page="chosen"
                :gallery="gallery"
                :chosen="pane?.id"
                :marks="details?.marks ?? null"
                :moving="moving"
                @place="place"
                @choose="paneId = $event"
                @resize="(id, px) => change(id, { place: { width: 'px', px } }, `${px} px wide.`)"
                @move="(id, spot) => change(id, { spot }, 'Moved.')"
            />
        </section>
        <aside class="panel" aria-label="Placement">
            <ProblemNote v-if="shared.problem.value">{{ shared.problem.value }}</ProblemNote>
            <template v-if="chosen">
                <div>
                    <h2>{{ chosen.title }}</h2>
                    <p class="note">{{ own.length === 0 ? 'Not there yet: choose a place on the page.' : standsHere }}</p>
                </div>
                <SegmentChoice
                    v-if="own.length > 1"
                    label="Which place"
                    :options="own.map((one) => ({ value: one.id, label: `#${one.name}` }))"
                    :columns="1"
                    :model-value="pane?.id"
                    @update:model-value="paneId = $event"
                />
                <PanePanel
                    v-if="pane"
                    :key="pane.id"
                    :pane="pane"
                    :gallery="gallery"
                    :pages="shared.pages.value"
                    :is-everywhere="isEverywhere"
                    :right-to-left="shared.site.value?.right_to_left ?? false"
                    :moving="moving === pane.id"
                    @change="(told, says) => change(pane?.id ?? '', told, says)"
                    @take="take"
                    @moving="moving = moving === null ? (pane?.id ?? null) : null"
                />
                <details class="block">
                    <summary>The page: title, address, menu, comments</summary>
                    <PageSettings :key="chosen.id" :page="chosen" :shared="shared" />
                    <RouterLink class="go" :to="{ name: 'site', query: { page: chosen.id } }">Write on this page</RouterLink>
                </details>
            </template>
            <WhenLive :gallery="gallery" :page="chosen?.id" />
            <section class="others">
                <h2>On other sites</h2>
                <p class="note">One line, a frame, HTML or pictures alone; who may have it, and a password.</p>
                <RouterLink class="go" :to="{ name: 'elsewhere', params: { id } }">Show what to copy</RouterLink>
            </section>
        </aside>
    </div>
</template>

<script setup lang="ts">
import { RefreshLeft, RefreshRight } from '@element-plus/icons-vue';
import { useQuery } from '@tanstack/vue-query';
import { useEventListener } from '@vueuse/core';
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import { api } from '../api/client';
import { paneQuery } from '../api/queries';
import type { SitePage } from '../api/types';
import { useGallery } from '../gallery-state/use-gallery';
import { isWriting } from '../shared/is-writing';
import ProblemNote from '../shared/ProblemNote.vue';
import SegmentChoice from '../shared/SegmentChoice.vue';
import BringIn from '../site/BringIn.vue';
import PageSettings from '../site/PageSettings.vue';
import PageTree from '../site/PageTree.vue';
import { useSite } from '../site/use-site';
import PageProof from './PageProof.vue';
import PanePanel from './PanePanel.vue';
import type { Room } from './room';
import WhenLive from './WhenLive.vue';

const props = defineProps<{ id: string }>();
const { gallery } = useGallery(() => props.id);
const shared = useSite();
const { site } = shared;
const chosenId = ref<string | undefined>(String(useRoute()?.query['page'] ?? '') || undefined);
const paneId = ref<string>();
/** The pane that waits for its new place. */
const moving = ref<string | null>(null);

const chosen = computed(() => {
    const pages = shared.pages.value;
    return pages.find((page) => page.id === (chosenId.value ?? gallery.value?.panes[0]?.page_id)) ?? pages[0];
});
/** Where it stands on every page, that place is set on each of them. */
const frame = computed(() => shared.site.value?.frame.filter(({ gallery_id }) => gallery_id === props.id) ?? []);
const own = computed(() => [...(chosen.value?.panes.filter(({ gallery_id }) => gallery_id === props.id) ?? []), ...frame.value]);
const pane = computed(() => own.value.find(({ id }) => id === paneId.value) ?? own.value[0]);
const isEverywhere = computed(() => frame.value.some(({ id }) => id === pane.value?.id));
const { data: details } = useQuery(computed(() => ({ ...paneQuery(pane.value?.id ?? ''), enabled: pane.value !== undefined })));
const standsHere = computed(() => own.value.map((one) => (frame.value.includes(one) ? 'stands on every page' : `stands ${one.says_spot}`)).join('; '));

const here = (page: SitePage): number => page.panes.filter(({ gallery_id }) => gallery_id === props.id).length;

function choose(page: string): void {
    chosenId.value = page;
    paneId.value = undefined;
    moving.value = null;
}

// What is taken back here is what was done here: to pages and places, not to the gallery.
useEventListener(
    document,
    'keydown',
    (event) => {
        if (!(event.ctrlKey || event.metaKey) || !['z', 'Z', 'y'].includes(event.key) || isWriting(event.target)) return;
        event.preventDefault();
        event.stopImmediatePropagation();
        void (event.key === 'y' || event.shiftKey ? shared.redo() : shared.undo());
    },
    { capture: true },
);

const change = (id: string, told: object, says: string): Promise<boolean> => shared.act(() => api.patch(`panes/${id}`, told), says);

async function place(spot: number, room: Room | null): Promise<void> {
    const page = chosen.value;
    if (!page) return;
    if (moving.value !== null) {
        const waiting = moving.value;
        moving.value = null;
        await change(waiting, { spot }, 'Moved.');
    } else {
        await shared.act(
            async () => (paneId.value = (await api.post<{ id: string }>('panes', { page_id: page.id, gallery_id: props.id, spot, room })).id),
            `Placed on ${page.title}.`,
        );
    }
}

async function take(): Promise<void> {
    const id = pane.value?.id;
    if (id) await shared.act(() => api.delete(`panes/${id}`), 'Taken from the page.');
}
</script>

<style scoped>
.stage {
    display: grid;
    grid-template-columns: 232px minmax(0, 1fr) 336px;
    height: 100%;
}

.list {
    display: grid;
    gap: 10px;
    align-content: start;
    padding: 14px 12px;
    border-right: 2px solid var(--z4);
    background: var(--z1);
    overflow: auto;
}

.head {
    display: flex;
    align-items: center;
    gap: 6px;
}

.head h2 {
    flex: 1;
}

.head .el-button {
    margin: 0;
    padding: 0 7px;
}

.here {
    color: var(--verd);
    font-size: 12px;
    font-weight: 600;
}

.mat {
    min-height: 0;
    padding: 14px 18px 18px;
    background: var(--mat);
    overflow: hidden;
}

.panel {
    display: flex;
    flex-direction: column;
    gap: 14px;
    padding: 14px 16px;
    border-left: 2px solid var(--z4);
    background: var(--z0);
    overflow: auto;
}

.block {
    padding-top: 10px;
    border-top: 1px solid var(--z3);
    font-size: 13px;
}

.others {
    display: grid;
    gap: 6px;
    margin-top: auto;
    padding-top: 12px;
    border-top: 2px solid var(--z3);
}

.block > :not(summary) {
    margin-top: 10px;
}

summary {
    cursor: pointer;
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
