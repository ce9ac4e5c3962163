<template>
    <ProofBench v-if="gallery" :gallery="gallery" :bands="laidOut?.bands ?? []" :markup="markup" label="Viewer">
        <ElCollapse v-model="open" class="settings" accordion>
            <SettingGroup
                v-for="group in groups"
                :key="group.under"
                :group="group"
                :design="gallery.design"
                :brief="gallery.briefs[group.under] ?? ''"
                :colours="finishes?.page.colours ?? []"
                @change="change({ kind: 'design', design: $event })"
            >
                <p v-if="NOTES[group.under]" class="note">{{ NOTES[group.under] }}</p>
            </SettingGroup>
        </ElCollapse>
        <p class="try">Click a picture in either proof: it does what it will do for visitors.</p>
        <template #below>
            <ClickStrip :id="id" :gallery="gallery" @set="(items, click) => change({ kind: 'click', items, click })" />
        </template>
    </ProofBench>
</template>

<script setup lang="ts">
import { computed, ref } from 'vue';
import { useFinishes } from '../finish/use-finishes';
import { useGallery } from '../gallery-state/use-gallery';
import ProofBench from '../proofs/ProofBench.vue';
import { useGlance } from '../proofs/use-glance';
import { useLaidOut } from '../proofs/use-laid-out';
import SettingGroup from '../settings/SettingGroup.vue';
import { groupsOf } from '../settings/settings';
import ClickStrip from './ClickStrip.vue';

const props = defineProps<{ id: string }>();
const { gallery, change } = useGallery(() => props.id);
const laidOut = useLaidOut(() => props.id);
const { markup } = useGlance(gallery, laidOut);
const finishes = useFinishes(() => props.id, gallery, 'finishes');
const open = ref('Clicks');
const groups = computed(() => (gallery.value ? groupsOf(gallery.value.in_force, 'viewer') : []));

/** What a heading alone does not tell. */
const NOTES: Record<string, string> = {
    Clicks: 'The rule for the whole gallery. Single pictures may differ: choose them below the proofs.',
    'Words and facts': 'In the large view and on a picture’s own page. Facts are those in the file.',
    'Download and pages': 'Where the original is not offered, no address gives it. A page for each picture is what plain links lead to.',
};
</script>

<style scoped>
.settings {
    flex: 1;
    align-content: start;
    min-height: 140px;
    padding: 4px 16px;
    overflow: auto;
}

.note {
    margin: 0;
    font-size: 12px;
    color: var(--z6);
}

.try {
    flex: none;
    margin: 0;
    padding: 10px 16px;
    border-top: 2px solid var(--z3);
    font-size: 13px;
    color: var(--z6);
}
</style>
