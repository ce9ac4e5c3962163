<template>
    <ProofStrip
        v-model="shows"
        label="Candidates"
        :list-label="shows === 'suggestions' ? 'Suggestions' : 'Candidates'"
        :views="VIEWS"
        width="270px"
        :waits="waits"
        @leave="emit('look', null)"
    >
        <template #note>
            <p v-if="shows === 'candidates'">
                the same {{ count === 1 ? 'picture' : `${count} pictures` }}, measured; point at one to see it above, choose it to adopt it
            </p>
            <p v-else-if="shows === 'suggestions'" class="weights">
                <span v-for="quality in qualities" :key="quality.value" class="weight">
                    <span
                        >{{ quality.label }} <i>{{ weightOf(quality.value) }}</i></span
                    >
                    <ElSlider
                        :model-value="weightOf(quality.value)"
                        :min="0"
                        :max="heaviest"
                        :show-tooltip="false"
                        :aria-label="quality.label"
                        @update:model-value="weights = { ...weights, [quality.value]: $event as number }"
                    />
                </span>
            </p>
            <p v-else>what is cut off is dim, the focal point is ringed</p>
        </template>
        <template v-if="shows === 'crops'" #instead>
            <CropList :crops="alternatives?.crops ?? []" />
        </template>
        <ProofOption
            v-for="(candidate, index) in shown"
            :key="candidate.name"
            :tabindex="index === standing ? 0 : -1"
            :chosen="candidate.name === chosen"
            :class="{ wordy: candidate.reasons }"
            @adopt="emit('adopt', candidate.layout)"
            @look="look(index, candidate.layout)"
            @leave="emit('look', null)"
        >
            <GalleryMiniature :miniature="candidate.miniature" />
            <b>{{ candidate.name }}</b>
            <span v-if="candidate.reasons" class="reasons">{{ candidate.reasons }}</span>
            <span class="figures">
                <em :class="{ bad: candidate.wide.complete < candidate.wide.rows }">{{ rowsOf(candidate) }}</em> ·
                <em :class="{ bad: candidate.wide.much_cropped }">{{ percent(candidate.wide.crop) }} crop</em> ·
                <em :class="{ bad: candidate.phone.too_small }">phone {{ candidate.phone.smallest }} px</em> ·
                {{ kilobytes(candidate.wide.first_bytes) }}
            </span>
        </ProofOption>
    </ProofStrip>
</template>

<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query';
import { refDebounced } from '@vueuse/core';
import { computed, ref } from 'vue';
import { alternativesQuery } from '../api/queries';
import { useVocabulary } from '../api/vocabulary';
import type { AlternativesView, Candidate, LayoutPart, Quality } from '../api/types';
import GalleryMiniature from '../shared/GalleryMiniature.vue';
import ProofOption from '../proofs/ProofOption.vue';
import ProofStrip from '../proofs/ProofStrip.vue';
import CropList from './CropList.vue';
import { kilobytes, percent } from './figures';

/** ms that a weight stands until it is counted with. */
const PAUSE = 250;

const props = defineProps<{ id: string; version: number; count: number; chosen: string }>();
const emit = defineEmits<{ adopt: [layout: LayoutPart]; look: [layout: LayoutPart | null] }>();
const shows = ref<AlternativesView>('candidates');
const weights = ref<Partial<Record<Quality, number>>>({});
const stood = refDebounced(weights, PAUSE);
/** The proofs come first: alternatives follow once nothing changed for a while. */
const settled = refDebounced(
    computed(() => props.version),
    PAUSE,
);
const { data: alternatives } = useQuery(computed(() => alternativesQuery(props.id, settled.value, shows.value, stood.value)));
const shown = computed(() => (shows.value === 'suggestions' ? alternatives.value?.suggestions : alternatives.value?.candidates) ?? []);
const waits = computed(() => {
    if (shown.value.length > 0) return '';
    return props.count === 0 ? 'There are no pictures to lay out yet.' : `Laying ${props.count === 1 ? 'one picture' : `${props.count} pictures`} out …`;
});
const standing = ref(0);
const { qualities, heaviest, layouts } = useVocabulary();

const VIEWS = [
    { value: 'candidates', label: 'Candidates' },
    { value: 'suggestions', label: 'Suggest' },
    { value: 'crops', label: 'Crops' },
] as const;

const rowsOf = ({ wide, layout }: Candidate): string =>
    layout.kind && layouts[layout.kind].ends_in_columns ? `ends ${percent(wide.uneven)} apart` : `${wide.complete}/${wide.rows} rows`;

function weightOf(quality: Quality): number | undefined {
    return weights.value[quality] ?? alternatives.value?.weights[quality];
}

/** The proofs follow the focus. */
function look(index: number, layout: LayoutPart): void {
    standing.value = index;
    emit('look', layout);
}

defineExpose({ showCrops: () => (shows.value = 'crops') });
</script>

<style scoped>
p {
    margin: 0;
    font-size: 12px;
    color: var(--z5);
}

/* Eight beside each other, however narrow the room: they are read together. */
.weights {
    display: grid;
    grid-template-columns: repeat(8, minmax(64px, 100px));
    gap: 4px;
    overflow-x: auto;
}

.weight {
    display: grid;
    min-width: 0;
    color: var(--z6);
    white-space: nowrap;
}

.weight .el-slider {
    height: 22px;
    padding-inline: 8px;
}

.wordy {
    display: grid;
    grid-template: auto auto 1fr / 168px 1fr;
    column-gap: 4px;
    width: 340px;
    padding: 0;
}

.wordy .miniature {
    grid-row: 1 / -1;
    align-self: start;
    max-height: calc(100% - 12px);
    overflow: hidden;
}

.wordy b {
    padding-top: 6px;
}

.reasons {
    color: var(--z6);
}

.miniature {
    flex: none;
    margin: 6px 6px 1px;
}

.figures,
.reasons {
    padding: 0 7px;
    font-size: 11px;
    line-height: 1.35;
    font-variant-numeric: tabular-nums;
}

.figures {
    color: var(--z5);
}

.weights i {
    font-style: normal;
    font-weight: 600;
    color: var(--z8);
    font-variant-numeric: tabular-nums;
}

em {
    font-style: normal;
    color: var(--verd);
}

em.bad {
    color: var(--rust);
}
</style>
