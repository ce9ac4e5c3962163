<template>
    <div v-if="gallery" class="live">
        <ElButton ref="opener" type="primary" :aria-expanded="open" @click="open ? shut() : show()">Put live</ElButton>
        <section v-if="open" class="sheet" aria-label="Put live" @keydown.esc="shut">
            <template v-if="done">
                <h2>It is live</h2>
                <p v-if="gallery.panes.length === 0" class="note">It stands on no page yet; embeds show it already.</p>
                <p v-for="pane in gallery.panes" :key="pane.id">
                    <a :href="pane.address" target="_blank" rel="noopener">Look at {{ pane.page }}</a>
                </p>
                <PhoneLook v-if="gallery.panes[0]?.page_id" :page="gallery.panes[0].page_id" of="live" />
                <ElButton ref="focus" @click="shut">Close</ElButton>
            </template>
            <template v-else>
                <h2>{{ gallery.live.changes.length === 0 ? 'Nothing to put live' : 'What visitors will see change' }}</h2>
                <ul>
                    <li v-for="(text, index) in told" :key="index">{{ text }}</li>
                </ul>
                <p v-if="gallery.live.pages.length > 0" class="note">Pages: {{ gallery.live.pages.map((page) => page.title).join(', ') }}</p>
                <p v-else-if="gallery.live.changes.length > 0" class="note">No page changes; only embeds do.</p>
                <fieldset v-if="others.length > 0">
                    <legend>Pages that were changed too</legend>
                    <ElCheckbox v-for="page in others" :key="page.id" v-model="along[page.id]">{{ page.title }}: {{ page.changes.join(', ') }}</ElCheckbox>
                </fieldset>
                <RouterLink v-if="gallery.live.changes.length > 0" class="go" :to="{ name: 'site', query: { view: 'not-live' } }">Before and after…</RouterLink>
                <p v-if="state.lacking > 0" class="note" role="status">
                    Making the files of {{ state.lacking === 1 ? 'one more picture' : `${state.lacking} more pictures` }}. Visitors see no change until all are
                    there.
                </p>
                <div class="acts">
                    <ElButton type="info" ref="focus" :disabled="state.busy > 0" @click="go">
                        {{ state.busy > 0 ? 'Putting live…' : 'Put live now' }}
                    </ElButton>
                    <ElButton @click="shut">Not yet</ElButton>
                </div>
                <ElPopconfirm
                    v-if="gallery.live.at !== null"
                    title="Take the gallery off every page and embed now?"
                    confirm-button-text="Take offline"
                    cancel-button-text="Keep"
                    width="260"
                    @confirm="offline"
                >
                    <template #reference><ElButton class="off" size="small" type="danger" plain>Take the gallery offline</ElButton></template>
                </ElPopconfirm>
            </template>
        </section>
    </div>
</template>

<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query';
import { computed, nextTick, reactive, ref, watch } from 'vue';
import { pagesQuery, sessionQuery } from '../api/queries';
import { announce } from '../shared/announce';
import PhoneLook from '../site/PhoneLook.vue';
import { useGallery } from '../gallery-state/use-gallery';

const props = defineProps<{ id: string }>();
const { gallery, state, putLive, act } = useGallery(() => props.id);
const open = ref(false);
const queries = useQueryClient();
const { data: pages } = useQuery(computed(() => ({ ...pagesQuery(), enabled: open.value })));
const { data: session } = useQuery(sessionQuery());
/** Pages that go live along with it. */
const along = reactive<Record<string, boolean>>({});
/** The version that went live while the sheet was open. */
const liveVersion = ref<number | null>(null);
const done = computed(() => liveVersion.value !== null && liveVersion.value === gallery.value?.version && gallery.value.live.changes.length === 0);
const opener = ref<{ $el: HTMLElement }>();
const focus = ref<{ $el: HTMLElement }>();

/** Lines shown before the rest is only counted. */
const MOST = 6;

const told = computed(() => {
    const times = new Map<string, number>();
    for (const text of gallery.value?.live.changes ?? []) times.set(text, (times.get(text) ?? 0) + 1);
    const lines = [...times].map(([text, count]) => text.charAt(0).toUpperCase() + text.slice(1) + (count > 1 ? `, ${count} times` : ''));
    return lines.length > MOST ? [...lines.slice(0, MOST), `and ${lines.length - MOST} more`] : lines;
});

/** With changes of their own, which this gallery does not bring along by itself. */
const others = computed(() => pages.value?.filter((page) => page.changes.length > 0 && page.live) ?? []);

// What somebody else is at is not ticked by itself.
watch(others, (list) => {
    for (const page of list) along[page.id] ??= page.changed_by === null || page.changed_by.id === session.value?.user?.id;
});

watch([open, done], async () => {
    await nextTick();
    focus.value?.$el.focus();
});

async function go(): Promise<void> {
    if (await putLive(others.value.filter(({ id }) => along[id]).map(({ id }) => id))) {
        await Promise.all([queries.invalidateQueries({ queryKey: ['pages'] }), queries.invalidateQueries({ queryKey: ['site'] })]);
        liveVersion.value = gallery.value?.version ?? null;
        announce('The gallery is live.');
    }
}

async function offline(): Promise<void> {
    if (await act('/offline', {})) {
        announce('The gallery is offline.');
        await Promise.all([queries.invalidateQueries({ queryKey: ['pages'] }), queries.invalidateQueries({ queryKey: ['site'] })]);
        shut();
    }
}

/** Each opening tells what is pending now. */
function show(): void {
    open.value = true;
    liveVersion.value = null;
}

function shut(): void {
    open.value = false;
    opener.value?.$el.focus();
}
</script>

<style scoped>
.live {
    position: relative;
}

.sheet {
    position: absolute;
    z-index: 20;
    top: 42px;
    right: 0;
    display: grid;
    gap: 10px;
    width: 320px;
    max-height: calc(100vh - 130px);
    padding: 16px;
    overflow: auto;
    border: 1px solid var(--z4);
    border-radius: var(--corner);
    background: var(--z0);
    box-shadow: 0 8px 24px rgb(20 27 31 / 0.28);
    color: var(--z7);
}

/* Below its button, as wide as the window, wherever the button stands. */
@media (width < 900px) {
    .sheet {
        position: fixed;
        inset: auto 12px;
        width: auto;
        margin-top: 8px;
    }
}

.sheet :focus-visible {
    outline-color: var(--verd);
}

li {
    padding-left: 12px;
    border-left: 2px solid var(--z4);
    margin-bottom: 4px;
}

.acts {
    display: flex;
    gap: 8px;
}

.acts .el-button,
.off {
    margin: 0;
}

.off {
    justify-self: start;
}

fieldset {
    display: grid;
    gap: 4px;
    margin: 0;
    padding: 0;
    border: 0;
}

legend {
    padding: 0;
    color: var(--z6);
    font-size: 13px;
}

fieldset :deep(.el-checkbox) {
    height: auto;
    margin: 0;
    white-space: normal;
}
</style>
