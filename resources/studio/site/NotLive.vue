<template>
    <div class="not-live">
        <section class="choose" aria-label="What goes live">
            <h2>What visitors will see change</h2>
            <ProblemNote v-if="shared.problem.value">{{ shared.problem.value }}</ProblemNote>
            <p v-if="done" class="done" role="status">
                It is live.
                <a v-for="page in lookAt" class="go" :key="page.id" :href="page.address" target="_blank" rel="noopener">Look at {{ page.title }}</a>
            </p>
            <p v-if="galleries.length + pages.length + gone.length === 0" class="note">All is live.</p>
            <ul v-if="galleries.length > 0">
                <li v-for="gallery in galleries" :key="gallery.id">
                    <ElCheckbox v-model="chosen[gallery.id]">{{ gallery.title }}</ElCheckbox>
                    <p class="note">{{ told(gallery.changes) }}</p>
                </li>
            </ul>
            <h3 v-if="pages.length + gone.length > 0">Pages and menu</h3>
            <ul>
                <li v-for="page in pages" :key="page.id">
                    <ElCheckbox v-model="chosen[page.id]">{{ page.title }}</ElCheckbox>
                    <p class="note">
                        {{ told(page.changes) }}<template v-if="page.changed_by"> · by {{ page.changed_by.name }}</template>
                    </p>
                </li>
                <li v-for="page in gone" :key="page.id">
                    <ElCheckbox v-model="chosen[page.id]">{{ page.title }}</ElCheckbox>
                    <p class="note">is no more, but visitors still have it</p>
                </li>
            </ul>
            <p v-if="lacking > 0" class="note" role="status">
                Making the files of {{ lacking === 1 ? 'one more picture' : `${lacking} more pictures` }}. Visitors see no change until all are there.
            </p>
            <ElButton type="primary" :disabled="count === 0 || shared.busy.value" @click="go">{{
                shared.busy.value && lacking > 0 ? 'Putting live…' : 'Put live what is ticked'
            }}</ElButton>
        </section>
        <section class="look" aria-label="Before and after">
            <BeforeAfter v-if="touched.length > 0" :pages="touched" :galleries="ticked(galleries)" :chosen-pages="going" :state="state" />
            <NothingHere v-else title="Nothing is ticked">Tick what is to go live, and look at it before and after.</NothingHere>
        </section>
    </div>
</template>

<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query';
import { computed, reactive, ref, watch } from 'vue';
import { api } from '../api/client';
import { sessionQuery } from '../api/queries';
import type { Lacking } from '../api/types';
import NothingHere from '../shared/NothingHere.vue';
import ProblemNote from '../shared/ProblemNote.vue';
import BeforeAfter from './BeforeAfter.vue';
import type { UseSiteReturn } from './use-site';

/** Page by page what will change for visitors, in words and in pictures, before it is done. */
const props = defineProps<{ shared: UseSiteReturn }>();
const { data: session } = useQuery(sessionQuery());
const chosen = reactive<Record<string, boolean>>({});
const lacking = ref(0);
const done = ref(false);
const lookAt = ref<{ id: string; address: string; title: string }[]>([]);

const galleries = computed(() => props.shared.site.value?.galleries.filter(({ changes, stands, is_live }) => changes.length > 0 && (stands || is_live)) ?? []);
const pages = computed(() => props.shared.pages.value.filter(({ changes }) => changes.length > 0));
const gone = computed(() => props.shared.site.value?.gone ?? []);

// What somebody else is at is not ticked by itself.
watch(
    [galleries, pages, gone],
    () => {
        for (const { id } of [...galleries.value, ...gone.value]) chosen[id] ??= true;
        for (const page of pages.value) chosen[page.id] ??= !page.offline && (page.changed_by === null || page.changed_by.id === session.value?.user?.id);
    },
    { immediate: true },
);

const ticked = (list: readonly { id: string }[]): string[] => list.filter(({ id }) => chosen[id]).map(({ id }) => id);
const going = computed(() => ticked([...pages.value, ...gone.value]));
const count = computed(() => ticked(galleries.value).length + going.value.length);

/** What is looked at is never older than what is told. */
const state = computed(() => galleries.value.map(({ version }) => version).join('.'));

/** Pages that would look otherwise than now. */
const touched = computed(() => {
    const drawn = ticked(galleries.value);
    const frame = props.shared.site.value?.frame.some(({ gallery_id }) => drawn.includes(gallery_id)) ?? false;
    return props.shared.pages.value.filter(
        (page) =>
            (ticked(pages.value).includes(page.id) && (page.live || !page.offline)) ||
            (!page.offline && (frame || page.panes.some(({ gallery_id }) => drawn.includes(gallery_id)))),
    );
});

function told(changes: readonly string[]): string {
    const times = new Map<string, number>();
    for (const text of changes) times.set(text, (times.get(text) ?? 0) + 1);
    return [...times].map(([text, often]) => (often > 1 ? `${text}, ${often} times` : text)).join('; ');
}

async function go(): Promise<void> {
    const versions = Object.fromEntries(galleries.value.filter(({ id }) => chosen[id]).map(({ id, version }) => [id, version]));
    const chosenPages = going.value;
    lookAt.value = touched.value.map(({ id, address, title }) => ({ id, address, title }));
    done.value = false;
    done.value = await props.shared.act(async () => {
        let answer: Lacking | null;
        do {
            answer = await api.post<Lacking | null>('site/live', { galleries: versions, pages: chosenPages });
            lacking.value = answer?.lacking ?? 0;
        } while (answer !== null);
    }, 'It is live.');
    lacking.value = 0;
}
</script>

<style scoped>
.not-live {
    display: grid;
    grid-template-columns: 340px minmax(0, 1fr);
    height: 100%;
}

.choose {
    display: grid;
    gap: 12px;
    align-content: start;
    padding: 16px;
    border-right: 2px solid var(--z4);
    background: var(--z0);
    overflow: auto;
}

.choose .el-button {
    justify-self: start;
}

.choose li {
    padding: 4px 0;
}

.choose li .note {
    padding-inline-start: 22px;
    overflow-wrap: anywhere;
}

.look {
    padding: 14px 18px 18px;
    background: var(--mat);
    min-height: 0;
    overflow: hidden;
}

.done {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 12px;
    padding: 8px 12px;
    border-inline-start: 3px solid var(--verd);
    background: var(--verd-tint);
}

@media (width < 900px) {
    .not-live {
        grid-template-columns: minmax(0, 1fr);
        grid-template-rows: auto 70vh;
        height: auto;
    }

    .choose {
        border: 0;
    }
}
</style>
