<template>
    <ProofBench v-if="gallery" :gallery="gallery" :bands="laidOut?.bands ?? []" :markup="markup" label="Layout">
        <LayoutControls class="settings" :gallery="gallery" @change="change({ kind: 'design', design: $event })" />
        <LayoutMeasures v-if="laidOut" class="measures" :measures="laidOut.measures" :kind="gallery.design.layout.kind" />
        <LayoutSnags class="snags" :snags="snags" @mend="$event && change($event)" @crops="strip?.showCrops()" />
        <template #below>
            <CandidateStrip
                ref="strip"
                :id="id"
                :version="gallery.version"
                :count="gallery.items.length"
                :chosen="gallery.layout_label"
                @adopt="adopt"
                @look="looked = $event && { layout: $event }"
            />
        </template>
    </ProofBench>
</template>

<script setup lang="ts">
import { computed, ref } from 'vue';
import type { LayoutPart } from '../api/types';
import { useGallery } from '../gallery-state/use-gallery';
import ProofBench from '../proofs/ProofBench.vue';
import { useGlance } from '../proofs/use-glance';
import { useLaidOut } from '../proofs/use-laid-out';
import { useSnags } from '../snags/use-snags';
import CandidateStrip from './CandidateStrip.vue';
import LayoutControls from './LayoutControls.vue';
import LayoutMeasures from './LayoutMeasures.vue';
import LayoutSnags from './LayoutSnags.vue';

const props = defineProps<{ id: string }>();
const { gallery, change } = useGallery(() => props.id);
const laidOut = useLaidOut(() => props.id);
const strip = ref<InstanceType<typeof CandidateStrip>>();
const { looked, markup } = useGlance(gallery, laidOut);

const { found } = useSnags(gallery, 'mends');
const snags = computed(() => found.value?.snags.filter(({ stage }) => stage === 'layout') ?? []);

function adopt(layout: LayoutPart): void {
    looked.value = null;
    void change({ kind: 'design', design: { layout } });
}
</script>

<style scoped>
.settings {
    flex: 1;
    align-content: start;
    min-height: 140px;
    padding: 12px 16px;
    overflow: auto;
}

/* In sight while a slider is moved. */
.measures {
    flex: none;
    max-height: 46%;
    padding: 8px 16px 10px;
    overflow: auto;
    border-top: 2px solid var(--z3);
}

/* Always in view, and never in the way of a slider that is being moved. */
.snags {
    flex: none;
    max-height: 40%;
}

@media (width < 900px) {
    .settings,
    .measures,
    .snags {
        max-height: none;
    }
}
</style>
