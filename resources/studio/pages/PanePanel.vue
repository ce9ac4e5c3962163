<template>
    <section class="pane" :aria-label="`${pane.gallery} in this place`">
        <SegmentChoice label="How wide" :options="widths" :columns="5" :model-value="pane.place.width" @update:model-value="set({ width: $event })">
            <template #default="{ option }">
                <span class="width">
                    <i :class="option.value" aria-hidden="true" />{{
                        option.value === 'px' && pane.place.width === 'px' ? `${pane.place.px} px` : option.label
                    }}
                </span>
            </template>
        </SegmentChoice>
        <label v-if="pane.place.width === 'px'" class="row">
            <span>Width in px</span>
            <ElInputNumber
                :model-value="pane.place.px"
                :min="px?.least"
                :max="px?.most"
                :precision="0"
                :controls="false"
                aria-label="Width in px"
                @change="set({ px: $event ?? pane.place.px })"
            />
        </label>
        <SegmentChoice v-if="hasSides" label="Stands" :options="sides" :model-value="pane.place.side" @update:model-value="set({ side: $event })" />
        <div v-if="details" class="row">
            <span>Space</span>
            <span class="space">
                <ElInputNumber
                    v-for="end in ENDS"
                    :key="end"
                    :model-value="details.space[end]"
                    :min="space?.least"
                    :max="space?.most"
                    :precision="0"
                    :controls="false"
                    size="small"
                    :aria-label="`Space ${end} in px`"
                    @change="set({ [end]: $event ?? null })"
                    ><template #suffix>{{ end }}</template></ElInputNumber
                >
            </span>
        </div>
        <PaneExceptions v-if="details" :pane="pane" :details="details" :gallery="gallery" @change="except" />
        <div class="block">
            <div class="row">
                <span>On every page of the site</span>
                <ElSelect :model-value="frameSpot" aria-label="On every page of the site" class="wide" @change="everywhere">
                    <ElOption :value="-1" label="no" />
                    <ElOption v-for="(spotName, spot) in frame_spots" :key="spot" :value="spot" :label="spotName.toLowerCase()" />
                </ElSelect>
            </div>
            <template v-if="isEverywhere">
                <ElCheckbox
                    v-for="page in pages.filter(({ brought_in }) => !brought_in)"
                    :key="page.id"
                    :model-value="!pane.except.includes(page.id)"
                    @change="leaveOut(page.id, $event !== true)"
                    >{{ page.title }}</ElCheckbox
                >
            </template>
            <label class="row">
                <span>Its name in addresses</span>
                <ElInput v-model="name" class="wide" :maxlength="longest.pane_name" @change="rename"><template #prepend>#</template></ElInput>
            </label>
        </div>
        <div class="acts">
            <ElButton v-if="!isEverywhere" size="small" :aria-pressed="moving" @click="emit('moving')">{{ moving ? 'Leave it there' : 'Move it' }}</ElButton>
            <ElButton size="small" type="danger" plain @click="emit('take')">Take away</ElButton>
        </div>
    </section>
</template>

<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query';
import { computed, ref, watch } from 'vue';
import { paneQuery } from '../api/queries';
import type { Exceptions, Gallery, PlacePart, SitePage, SitePane } from '../api/types';
import { useVocabulary } from '../api/vocabulary';
import SegmentChoice from '../shared/SegmentChoice.vue';
import PaneExceptions from './PaneExceptions.vue';

/** How one gallery stands in one place, and what is otherwise there. */
const props = defineProps<{ pane: SitePane; gallery: Gallery; pages: SitePage[]; isEverywhere: boolean; rightToLeft: boolean; moving: boolean }>();
const emit = defineEmits<{ change: [told: object, says: string]; take: []; moving: [] }>();
const { places, frame_spots, longest } = useVocabulary();
const ENDS = ['above', 'below'] as const;

const { data: details } = useQuery(computed(() => paneQuery(props.pane.id)));
const name = ref('');
watch(
    () => [props.pane.id, props.pane.name],
    () => (name.value = props.pane.name),
    { immediate: true },
);

const settingOf = (path: string) => places.find((setting) => setting.path === path);
const px = settingOf('px');
const space = settingOf('above');
const widths = (settingOf('width')?.options ?? []) as { value: SitePane['place']['width']; label: string }[];
const sides = computed(() => {
    const known = (settingOf('side')?.options ?? []) as { value: SitePane['place']['side']; label: string }[];
    const [start, middle, end] = known;
    return props.rightToLeft && start && middle && end ? [{ ...end, label: start.label }, middle, { ...start, label: end.label }] : known;
});
const hasSides = computed(() => !['wide', 'edges'].includes(props.pane.place.width));
const frameSpot = computed(() => (props.isEverywhere ? props.pane.spot : -1));

function set(place: PlacePart): void {
    emit('change', { place }, 'The gallery stands so.');
}

function except(exceptions: { [key in keyof Exceptions]?: Exceptions[key] | null }, says: string): void {
    emit('change', { exceptions }, says);
}

function everywhere(spot: number): void {
    if (spot >= 0) emit('change', { page_id: null, spot, place: { width: 'wide' } }, 'It stands on every page.');
    else emit('change', { page_id: props.pages[0]?.id, spot: 0, except: [] }, `It stands on ${props.pages[0]?.title ?? 'one page'} only.`);
}

function leaveOut(page: string, out: boolean): void {
    emit(
        'change',
        { except: out ? [...props.pane.except, page] : props.pane.except.filter((id) => id !== page) },
        out ? 'Left out on this page.' : 'Shown on this page.',
    );
}

function rename(): void {
    if (name.value.trim() !== props.pane.name) emit('change', { name: name.value.trim() }, 'Its name was changed.');
}
</script>

<style scoped>
.pane,
.block {
    display: grid;
    gap: 10px;
}

.block {
    padding-top: 10px;
    border-top: 1px solid var(--z3);
}

.width {
    display: grid;
    gap: 4px;
    justify-items: center;
    padding: 4px 0;
    font-size: 12px;
}

.width i {
    width: 34px;
    height: 18px;
    background: linear-gradient(var(--z4), var(--z4)) center / 62% 100% no-repeat var(--z2);
}

.width i.half {
    background-size: 36% 100%;
    background-position: 0 0;
}

.width i.text {
    background-size: 48% 100%;
}

.width i.edges {
    background-size: 100% 100%;
}

.width i.px {
    background-size: 30% 100%;
}

.row {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 12px;
    font-size: 13px;
    color: var(--z6);
}

.wide {
    flex: 0 0 164px;
}

.space {
    display: flex;
    gap: 6px;
}

.space .el-input-number {
    width: 92px;
}

.acts {
    display: flex;
    gap: 8px;
}

.acts .el-button {
    margin: 0;
}

.el-checkbox {
    height: 24px;
}
</style>
