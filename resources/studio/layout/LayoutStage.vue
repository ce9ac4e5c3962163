<template>
    <div v-if="gallery" class="stage">
        <WidthRuler
            :bands="laidOut?.bands ?? []"
            :handles="PROOFS.map((proof) => ({ name: proof.name, width: widths[proof.at] }))"
            @move="(index, width) => set(index, width)"
        />
        <section ref="mat" class="mat" aria-label="Proofs">
            <ProofSheet
                v-for="proof in PROOFS"
                :key="proof.name"
                :gallery="gallery"
                :markup="markup"
                :name="proof.name"
                :window-width="widths[proof.at]"
                :scale="scale"
                :style="{ width: `${widths[proof.at] * scale}px` }"
                @resize="widths[proof.at] = $event"
            />
        </section>
        <CandidateStrip
            ref="strip"
            :id="id"
            class="below"
            :version="gallery.version"
            :count="gallery.items.length"
            :chosen="gallery.layout_label"
            @adopt="adopt"
            @look="looked = $event"
        />
        <aside class="panel" aria-label="Layout">
            <LayoutControls class="settings" :gallery="gallery" @change="change({ kind: 'design', design: $event })" />
            <LayoutMeasures v-if="laidOut" class="measures" :measures="laidOut.measures" :kind="gallery.design.layout.kind" />
            <LayoutSnags class="snags" :snags="strip?.alternatives?.snags ?? []" @mend="redesign" @crops="strip?.showCrops()" />
        </aside>
    </div>
</template>

<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query';
import { refDebounced, useElementSize } from '@vueuse/core';
import { computed, reactive, ref } from 'vue';
import { useVocabulary } from '../api/vocabulary';
import { layoutProofQuery } from '../api/queries';
import type { LayoutPart } from '../api/types';
import { useGallery } from '../gallery/use-gallery';
import CandidateStrip from './CandidateStrip.vue';
import { useLaidOut } from './use-laid-out';
import LayoutControls from './LayoutControls.vue';
import LayoutMeasures from './LayoutMeasures.vue';
import LayoutSnags from './LayoutSnags.vue';
import ProofSheet from './ProofSheet.vue';
import WidthRuler from './WidthRuler.vue';

const PROOFS = [
    { name: 'Wide', at: 'wide' },
    { name: 'Phone', at: 'phone' },
] as const;

/** px around and between the sheets. */
const MARGINS = 18 * 3 + 4;

/** ms that one must be looked at before its proof is fetched. */
const GLANCE = 120;

const props = defineProps<{ id: string }>();
const { gallery, change } = useGallery(() => props.id);
const laidOut = useLaidOut(() => props.id);
const mat = ref<HTMLElement>();
const strip = ref<InstanceType<typeof CandidateStrip>>();
const { wide, phone } = useVocabulary().widths;
const widths = reactive({ wide, phone });
const { width } = useElementSize(mat, undefined, { box: 'border-box' });
const scale = computed(() => Math.max(0.1, Math.min(1, (width.value - MARGINS) / (widths.wide + widths.phone))));

const looked = ref<LayoutPart | null>(null);
const glanced = refDebounced(looked, GLANCE);
const { data: lookedProof } = useQuery(
    computed(() => ({ ...layoutProofQuery(props.id, gallery.value?.version ?? 0, glanced.value ?? {}), enabled: glanced.value !== null })),
);
/** What the proofs show: the gallery as it is, or a candidate that is looked at. */
const markup = computed(() => (looked.value !== null && glanced.value === looked.value && lookedProof.value) || laidOut.value?.proof || { html: '', css: '' });

function set(index: number, to: number): void {
    const proof = PROOFS[index];
    if (proof) widths[proof.at] = to;
}

function redesign(layout: LayoutPart): void {
    void change({ kind: 'design', design: { layout } });
}

function adopt(layout: LayoutPart): void {
    looked.value = null;
    redesign(layout);
}
</script>

<style scoped>
.stage {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 336px;
    grid-template-rows: auto minmax(0, 1fr) 212px;
    height: 100%;
}

.mat {
    display: flex;
    gap: 18px;
    padding: 12px 18px 18px;
    overflow: hidden;
    background: var(--mat);
}

.panel {
    grid-row: 1 / -1;
    grid-column: 2;
    display: flex;
    flex-direction: column;
    min-height: 0;
    border-left: 2px solid var(--z4);
    background: var(--z0);
}

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

@media (width < 1180px) {
    .stage {
        grid-template-columns: minmax(0, 1fr) 300px;
    }
}

/* One below the other: the screen scrolls, the proofs stay in sight above the settings. */
@media (width < 900px) {
    .stage {
        grid-template-columns: minmax(0, 1fr);
        grid-template-rows: auto 46vh auto auto;
        height: auto;
    }

    .panel {
        grid-row: auto;
        grid-column: auto;
        border-top: 2px solid var(--z4);
        border-left: 0;
    }

    .settings,
    .measures,
    .snags {
        max-height: none;
    }

    .below {
        grid-row: 4;
        height: 220px;
    }
}
</style>
