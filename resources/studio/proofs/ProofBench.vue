<template>
    <div class="stage">
        <WidthRuler
            :bands="bands"
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
        <div class="below"><slot name="below" /></div>
        <aside class="panel" :aria-label="label"><slot /></aside>
    </div>
</template>

<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { computed, reactive, ref } from 'vue';
import { useVocabulary } from '../api/vocabulary';
import type { Gallery, Proof } from '../api/types';
import ProofSheet from './ProofSheet.vue';
import WidthRuler from './WidthRuler.vue';

/** Ruler and proofs on the left, what there is to choose from below them, settings on the right: how a gallery is judged. */
defineProps<{ gallery: Gallery; bands: number[]; markup: Pick<Proof, 'html' | 'css'>; label: string }>();
defineSlots<{ default?(): unknown; below?(): unknown }>();

const PROOFS = [
    { name: 'Wide', at: 'wide' },
    { name: 'Phone', at: 'phone' },
] as const;

/** px around and between the sheets. */
const MARGINS = 18 * 3 + 4;

const mat = ref<HTMLElement>();
const { wide, phone } = useVocabulary().widths;
const widths = reactive({ wide, phone });
const { width } = useElementSize(mat, undefined, { box: 'border-box' });
const scale = computed(() => Math.max(0.1, Math.min(1, (width.value - MARGINS) / (widths.wide + widths.phone))));

function set(index: number, to: number): void {
    const proof = PROOFS[index];
    if (proof) widths[proof.at] = to;
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

.below {
    display: grid;
    min-width: 0;
    min-height: 0;
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

    .below {
        grid-row: 4;
        height: 220px;
    }
}
</style>
