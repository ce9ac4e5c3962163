<template>
    <ProofStrip
        v-model="shows"
        label="What it may be dressed in"
        :list-label="VIEWS.find(({ value }) => value === shows)?.label ?? ''"
        :views="VIEWS"
        width="450px"
        :waits="cards.length === 0 ? 'Dressing your pictures …' : ''"
        @leave="emit('look', null)"
    >
        <template #note>
            <p>{{ HINTS[shows] }}</p>
        </template>
        <template v-if="shows === 'legibility'" #instead>
            <LegibilityList :legibility="legibility" />
        </template>
        <FinishCardSample
            v-for="(card, index) in cards"
            :key="`${shows}-${card.key}`"
            :card="card"
            :page="page"
            :moves="shows === 'effects'"
            :tabindex="index === standing ? 0 : -1"
            @adopt="emit('adopt', card.part)"
            @look="look(index, card.part)"
            @leave="emit('look', null)"
        />
    </ProofStrip>
</template>

<script setup lang="ts">
import { computed, ref } from 'vue';
import type { FinishView } from '../api/queries';
import type { DesignPart, Gallery, Legibility } from '../api/types';
import ProofStrip from '../proofs/ProofStrip.vue';
import FinishCardSample from './FinishCardSample.vue';
import LegibilityList from './LegibilityList.vue';
import { useFinishes } from './use-finishes';

const props = defineProps<{ id: string; gallery: Gallery; legibility: Legibility | undefined }>();
const emit = defineEmits<{ adopt: [part: DesignPart]; look: [part: DesignPart | null] }>();
const shows = ref<FinishView | 'legibility'>('finishes');
const view = computed<FinishView>(() => (shows.value === 'legibility' ? 'finishes' : shows.value));
const finishes = useFinishes(
    () => props.id,
    () => props.gallery,
    view,
);
const cards = computed(() => finishes.value?.cards ?? []);
const page = computed(() => finishes.value?.page ?? null);
const standing = ref(0);

const VIEWS = [
    { value: 'finishes', label: 'Finishes' },
    { value: 'effects', label: 'Under the pointer' },
    { value: 'drifts', label: 'Drift' },
    { value: 'legibility', label: 'Legibility' },
] as const;

const HINTS: Record<FinishView | 'legibility', string> = {
    finishes: 'your own pictures in each; point to see it above, choose to take it',
    effects: 'each moves by itself; choose one, then mix your own at the right',
    drifts: 'point at one and scroll the proof above; choose to take it',
    legibility: 'where each caption lies, and what it stands out by',
};

/** The proofs follow the focus. */
function look(index: number, part: DesignPart): void {
    standing.value = index;
    emit('look', part);
}

defineExpose({ showCaptions: () => (shows.value = 'legibility') });
</script>
