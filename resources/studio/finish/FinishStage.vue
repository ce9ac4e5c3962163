<template>
    <ProofBench v-if="gallery" :gallery="gallery" :bands="laidOut?.bands ?? []" :markup="markup" label="Finish">
        <FinishControls
            class="settings"
            :gallery="gallery"
            :legibility="laidOut?.legibility"
            :page="finishes?.page"
            @change="dress"
            @captions="strip?.showCaptions()"
        />
        <KeepFinish class="keep" :gallery="gallery" :cards="finishes?.cards ?? []" @change="reload" />
        <template #below>
            <FinishStrip ref="strip" :id="id" :gallery="gallery" :legibility="laidOut?.legibility" @adopt="adopt" @look="looked = $event" />
        </template>
    </ProofBench>
</template>

<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query';
import { ref } from 'vue';
import type { DesignPart } from '../api/types';
import { useGallery } from '../gallery-state/use-gallery';
import ProofBench from '../proofs/ProofBench.vue';
import { useGlance } from '../proofs/use-glance';
import { useLaidOut } from '../proofs/use-laid-out';
import FinishControls from './FinishControls.vue';
import FinishStrip from './FinishStrip.vue';
import KeepFinish from './KeepFinish.vue';
import { useFinishes } from './use-finishes';

const props = defineProps<{ id: string }>();
const queries = useQueryClient();
const shared = useGallery(() => props.id);
const { gallery, change } = shared;
const laidOut = useLaidOut(() => props.id);
const strip = ref<InstanceType<typeof FinishStrip>>();
const { looked, markup } = useGlance(gallery, laidOut);
const finishes = useFinishes(() => props.id, gallery, 'finishes');

function dress(design: DesignPart): void {
    void change({ kind: 'design', design });
}

function adopt(design: DesignPart): void {
    looked.value = null;
    dress(design);
}

/** What is kept under names changed, and perhaps this gallery with it. */
async function reload(): Promise<void> {
    await shared.reload();
    await queries.invalidateQueries({ queryKey: ['finishes', props.id] });
}
</script>

<style scoped>
.settings {
    flex: 1;
    align-content: start;
    min-height: 140px;
    padding: 4px 16px;
    overflow: auto;
}

.keep {
    flex: none;
    padding: 10px 16px;
    border-top: 2px solid var(--z3);
}
</style>
