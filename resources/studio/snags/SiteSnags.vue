<template>
    <section class="site-snags" aria-label="Snags of the site">
        <h2 ref="heading" tabindex="-1">
            {{ total === 0 ? 'No snags' : `${countOf(total)} in ${galleries.length === 1 ? '1 gallery' : `${galleries.length} galleries`}` }}
        </h2>
        <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
        <p v-if="done.length > 0" class="did" role="status">
            Mended in {{ done.length === 1 ? 'one gallery' : `${done.length} galleries` }}.
            <ElButton size="small" :disabled="busy" @click="back">Take it back</ElButton>
        </p>
        <section v-for="group in kinds" :key="group.code" class="kind" :aria-label="group.kind">
            <div class="head">
                <h3>{{ group.kind }}</h3>
                <ElButton
                    v-if="group.mends.length > 0"
                    size="small"
                    :aria-expanded="open === group.code"
                    @click="open = open === group.code ? null : group.code"
                >
                    {{ group.mends.length === 1 ? 'Mend it' : `Mend in all ${group.mends.length}` }}<span class="unseen">: {{ group.kind }}</span>
                </ElButton>
            </div>
            <ul>
                <li v-for="{ gallery, snag } in group.snags" :key="gallery.id">
                    <RouterLink class="shown" :to="placeOf(gallery.id, snag, snag.items[0])" tabindex="-1" aria-hidden="true">
                        <GalleryMiniature v-if="cardOf(gallery.id)" :miniature="cardOf(gallery.id)!.miniature" />
                    </RouterLink>
                    <span>
                        <RouterLink class="go" :to="{ name: 'snags', params: { id: gallery.id } }">{{ gallery.title }}</RouterLink>
                        {{ snag.says }}
                    </span>
                </li>
            </ul>
            <div v-if="open === group.code" class="look" @keydown.esc="open = null">
                <ul>
                    <li v-for="one in group.mends" :key="one.gallery">
                        <b>{{ one.title }}</b>: <MendWords :gallery="one.gallery" :version="one.version" :change="one.change" />
                    </li>
                </ul>
                <p class="acts">
                    <ElButton type="primary" :disabled="busy" @click="go(group)">Do it</ElButton>
                    <ElButton @click="open = null">Leave it</ElButton>
                </p>
            </div>
        </section>
    </section>
</template>

<script setup lang="ts">
import { computed, nextTick, ref } from 'vue';
import type { GalleryCard, Snag, SnagsOfGallery } from '../api/types';
import GalleryMiniature from '../shared/GalleryMiniature.vue';
import { announce } from '../shared/announce';
import ProblemNote from '../shared/ProblemNote.vue';
import MendWords from './MendWords.vue';
import { countOf, placeOf } from './snags';
import { useMendAll, type GalleryMend } from './use-mend-all';

/** All that visitors of the site would trip over, kind by kind: what is wrong in many galleries is mended in all at once. */
const props = defineProps<{ galleries: readonly SnagsOfGallery[]; cards: readonly GalleryCard[] }>();
const { problem, busy, done, mend, takeBack } = useMendAll();
const open = ref<string | null>(null);
const heading = ref<HTMLElement>();

interface Kind {
    code: string;
    kind: string;
    snags: { gallery: SnagsOfGallery; snag: Snag }[];
    mends: GalleryMend[];
}

const total = computed(() => props.galleries.reduce((sum, { snags }) => sum + snags.length, 0));
const kinds = computed(() => {
    const all = new Map<string, Kind>();
    for (const gallery of props.galleries)
        for (const snag of gallery.snags) {
            const group = all.get(snag.code) ?? { code: snag.code, kind: snag.kind, snags: [], mends: [] };
            all.set(snag.code, group);
            group.snags.push({ gallery, snag });
            const best = snag.mends.find(({ change }) => change !== null);
            if (best?.change) group.mends.push({ gallery: gallery.id, title: gallery.title, version: gallery.version, label: best.label, change: best.change });
        }
    return [...all.values()].sort((one, other) => other.snags.length - one.snags.length);
});

const cardOf = (id: string): GalleryCard | undefined => props.cards.find((card) => card.id === id);

async function go(group: Kind): Promise<void> {
    open.value = null;
    if (await mend(group.mends)) announce(`${group.kind}: mended. It can be taken back.`);
    await nextTick();
    heading.value?.focus();
}

async function back(): Promise<void> {
    if (await takeBack()) announce('All is as it was.');
    heading.value?.focus();
}
</script>

<style scoped>
.site-snags {
    display: grid;
    gap: 12px;
    margin-bottom: 24px;
    padding: 16px 18px;
    border: 1px solid var(--z3);
    border-left: 3px solid var(--rust);
    background: var(--z0);
}

h2 {
    justify-self: start;
    font-size: 16px;
    font-weight: 600;
}

.kind {
    padding-top: 10px;
    border-top: 1px solid var(--z3);
}

.head {
    display: flex;
    align-items: center;
    gap: 12px;
    margin-bottom: 6px;
}

h3 {
    font-size: 14px;
    font-weight: 600;
}

.kind > ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(340px, 1fr));
    gap: 8px 20px;
}

.kind > ul > li {
    display: grid;
    grid-template-columns: 92px minmax(0, 1fr);
    gap: 12px;
    align-items: start;
    font-size: 13px;
}

.shown {
    border: 1px solid var(--z3);
}

.shown :deep(.miniature) {
    margin: 0;
}

.go {
    display: block;
    font-weight: 600;
}

.look {
    display: grid;
    gap: 10px;
    margin-top: 10px;
    padding: 12px 14px;
    border-left: 3px solid var(--verd);
    background: var(--verd-tint);
    font-size: 13px;
}

.look ul {
    display: grid;
    gap: 4px;
}

.did {
    display: flex;
    align-items: center;
    gap: 12px;
}

p {
    margin: 0;
}

@media (width < 600px) {
    .kind > ul {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>
