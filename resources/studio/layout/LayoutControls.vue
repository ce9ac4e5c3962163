<template>
    <div class="controls">
        <KindPicker :model-value="layout.kind" @update:model-value="emit('change', { kind: $event })" />
        <SegmentChoice v-model="at" label="Set for" :options="WIDTHS" class="plain" />
        <template v-if="at === 'phone'">
            <PhoneRow v-if="columned" label="Columns" :value="layout.phone.columns" :range="ranges.phone.columns" @change="phone({ columns: $event })" />
            <PhoneRow
                v-else-if="layout.kind === 'rows' || layout.kind === 'mosaic'"
                label="Row height, about"
                unit="px"
                :value="layout.phone.row_height"
                :range="ranges.phone.row_height"
                @change="phone({ row_height: $event })"
            />
            <PhoneRow
                v-else-if="lined"
                label="Height"
                unit="px"
                :value="layout.phone.height"
                :range="ranges.phone.height"
                @change="phone({ height: $event })"
            />
            <p v-else class="note">One picture is as wide as the phone.</p>
            <p class="note">In force below 600 px of width. By itself is what suits these pictures.</p>
        </template>
        <template v-else>
            <template v-if="columned">
                <SegmentChoice
                    label="Columns"
                    :model-value="layout.column_rule"
                    :options="RULES"
                    @update:model-value="emit('change', { column_rule: $event })"
                />
                <SliderRow
                    v-if="layout.column_rule === 'count'"
                    label="How many"
                    :model-value="layout.columns"
                    :range="ranges.columns"
                    @update:model-value="emit('change', { columns: $event })"
                />
                <SizeRow
                    v-else
                    label="Tiles at least"
                    unit="px wide"
                    :value="layout.tile_width"
                    :range="ranges.tile_width"
                    :px="sizes('tile')"
                    @change="emit('change', { tile_width: $event })"
                />
            </template>
            <ShapeRow v-if="layout.kind === 'grid'" :shape="layout.shape" :extreme="ranges.extreme" @change="emit('change', { shape: $event })" />
            <SegmentChoice
                v-if="(layout.kind === 'grid' && layout.shape !== 'own') || layout.kind === 'strip'"
                label="A picture of another shape"
                :model-value="layout.filling"
                :options="FILLINGS"
                @update:model-value="emit('change', { filling: $event })"
            />
            <SizeRow
                v-if="layout.kind === 'rows' || layout.kind === 'mosaic'"
                :label="layout.kind === 'rows' ? 'Row height, about' : 'Tile height, about'"
                unit="px"
                :value="layout.row_height"
                :range="ranges.row_height"
                :px="sizes('tile')"
                @change="emit('change', { row_height: $event })"
            />
            <SizeRow
                v-if="lined"
                label="Height"
                unit="px"
                :value="layout.height"
                :range="ranges.height"
                :px="sizes('line')"
                @change="emit('change', { height: $event })"
            />
            <SliderRow
                v-if="layout.kind === 'slideshow'"
                label="Next picture after"
                :unit="layout.seconds === 0 ? '(by hand)' : 'seconds'"
                :model-value="layout.seconds"
                :range="ranges.seconds"
                @update:model-value="emit('change', { seconds: $event })"
            />
            <SliderRow
                v-if="layout.kind !== 'slideshow'"
                label="Gap"
                unit="px"
                :model-value="layout.gap"
                :range="ranges.gap"
                @update:model-value="emit('change', { gap: $event })"
            />
            <SegmentChoice
                v-if="layout.kind === 'grid' || layout.kind === 'rows'"
                label="Last row"
                :model-value="layout.last_row"
                :options="LAST_ROWS"
                @update:model-value="emit('change', { last_row: $event })"
            />
            <template v-if="!lined">
                <SliderRow
                    label="Captions below"
                    :unit="layout.caption_lines === 0 ? '(none)' : layout.caption_lines === 1 ? 'line' : 'lines'"
                    :model-value="layout.caption_lines"
                    :range="ranges.caption_lines"
                    @update:model-value="emit('change', { caption_lines: $event })"
                />
                <SegmentChoice
                    label="Shown at first"
                    :model-value="layout.at_first"
                    :options="AT_FIRST"
                    @update:model-value="emit('change', { at_first: $event })"
                />
                <SliderRow
                    v-if="layout.at_first !== 'all'"
                    label="Rows"
                    :model-value="layout.first_rows"
                    :range="ranges.first_rows"
                    @update:model-value="emit('change', { first_rows: $event })"
                />
            </template>
        </template>
    </div>
</template>

<script setup lang="ts">
import { computed, ref } from 'vue';
import type { LayoutDesign, LayoutPart, LayoutRanges, PhoneDesign, TileSizeName } from '../api/layout-types';
import SegmentChoice from '../shared/SegmentChoice.vue';
import SliderRow from '../shared/SliderRow.vue';
import KindPicker from './KindPicker.vue';
import PhoneRow from './PhoneRow.vue';
import ShapeRow from './ShapeRow.vue';
import SizeRow from './SizeRow.vue';

const props = defineProps<{ layout: LayoutDesign; ranges: LayoutRanges }>();
const emit = defineEmits<{ change: [part: LayoutPart] }>();
const at = ref<'wide' | 'phone'>('wide');
const columned = computed(() => props.layout.kind === 'grid' || props.layout.kind === 'masonry');
const lined = computed(() => props.layout.kind === 'strip' || props.layout.kind === 'slideshow');

function sizes(of: 'tile' | 'line'): Record<TileSizeName, number> {
    const { small, medium, large, 'very-large': largest } = props.ranges.sizes;
    return { small: small[of], medium: medium[of], large: large[of], 'very-large': largest[of] };
}

const phone = (part: Partial<PhoneDesign>): void => emit('change', { phone: part });

const WIDTHS = [
    { value: 'wide', label: 'Every width' },
    { value: 'phone', label: 'Phone' },
] as const;

const RULES = [
    { value: 'count', label: 'A number' },
    { value: 'fit', label: 'As many as fit' },
] as const;

const FILLINGS = [
    { value: 'crop', label: 'Is cropped' },
    { value: 'fit', label: 'Fits inside' },
] as const;

const LAST_ROWS = [
    { value: 'start', label: 'Start' },
    { value: 'centre', label: 'Centre' },
    { value: 'balance', label: 'Balance' },
    { value: 'fill', label: 'Fill' },
] as const;

const AT_FIRST = [
    { value: 'all', label: 'All' },
    { value: 'rows', label: 'Some rows' },
    { value: 'pages', label: 'Pages' },
] as const;
</script>

<style scoped>
.controls {
    display: grid;
    gap: 12px;
}

.note {
    margin: 0;
    font-size: 12px;
    color: var(--z5);
}
</style>
