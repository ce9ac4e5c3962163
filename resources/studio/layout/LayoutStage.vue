<template>
    <div v-if="gallery" class="stage">
        <section ref="mat" class="mat" aria-label="Proofs">
            <ProofSheet
                v-for="proof in PROOFS"
                :key="proof.name"
                :gallery="gallery"
                :name="proof.name"
                :window-width="proof.width"
                :scale="scale"
                :style="{ width: `${proof.width * scale}px` }"
            />
        </section>
        <aside class="panel" aria-label="Layout">
            <GridControls :layout="gallery.design.layout" :ranges="gallery.ranges" @change="redesign" />
            <LayoutMeasures :facts="gallery.facts" :count="gallery.items.length" />
        </aside>
    </div>
</template>

<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { computed, ref } from 'vue';
import type { GridDesign } from '../api/types';
import { useGallery } from '../bench/use-gallery';
import GridControls from './GridControls.vue';
import LayoutMeasures from './LayoutMeasures.vue';
import ProofSheet from './ProofSheet.vue';

/** Windows that the proofs are drawn for, in px. */
const PROOFS = [
    { name: 'Wide', width: 1280 },
    { name: 'Phone', width: 390 },
] as const;

/** px around and between the sheets. */
const MARGINS = 18 * 3 + 4;

const props = defineProps<{ id: string }>();
const { gallery, change } = useGallery(() => props.id);
const mat = ref<HTMLElement>();
const { width } = useElementSize(mat, undefined, { box: 'border-box' });
const scale = computed(() => Math.max(0.2, Math.min(1, (width.value - MARGINS) / PROOFS.reduce((sum, proof) => sum + proof.width, 0))));

function redesign(layout: Partial<GridDesign>): void {
    void change({ kind: 'design', design: { layout } });
}
</script>

<style scoped>
.stage {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 336px;
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
    display: flex;
    flex-direction: column;
    gap: 16px;
    padding: 14px 16px;
    border-left: 2px solid var(--z4);
    background: var(--z0);
    overflow: auto;
}
</style>
