<template>
    <div class="only">
        <h3>Only here</h3>
        <div v-for="one in details.exceptions" :key="one.path" class="row">
            <span>{{ one.label }}</span>
            <span class="value">
                <template v-if="one.is_other">
                    <ElSelect
                        v-if="optionsOf(one.path).length > 0"
                        :model-value="String(one.here)"
                        size="small"
                        :aria-label="one.label"
                        @change="put(one.path, $event)"
                    >
                        <ElOption v-for="option in optionsOf(one.path)" :key="option.value" :value="option.value" :label="option.label" />
                    </ElSelect>
                    <ElInputNumber
                        v-else
                        :model-value="Number(one.here)"
                        v-bind="rangeOf(one.path)"
                        size="small"
                        :precision="0"
                        controls-position="right"
                        :aria-label="one.label"
                        @change="put(one.path, $event ?? null)"
                    />
                    <ElButton link type="primary" :aria-label="`${one.label}: back to ${one.gallery}, as the gallery has it`" @click="put(one.path, undefined)"
                        >gallery: {{ one.gallery }}</ElButton
                    >
                </template>
                <ElButton
                    v-else
                    link
                    :aria-label="`${one.label}: ${one.gallery}, as the gallery has it. Set it only here`"
                    @click="put(one.path, begin(one))"
                    >{{ one.gallery }}</ElButton
                >
            </span>
        </div>
        <div v-if="layouts[gallery.design.layout.kind].has_tile_size" class="row">
            <span>Tile size</span>
            <ElSelect
                class="list"
                size="small"
                :model-value="sizeChoice"
                :empty-values="[null]"
                :value-on-clear="null"
                aria-label="Size of the tiles here"
                @change="resize"
            >
                <ElOption value="" label="as the gallery" />
                <ElOption v-for="name in tile_sizes.names" :key="name.value" :value="name.value" :label="name.label.toLowerCase()" />
                <ElOption value="px" label="in px" />
            </ElSelect>
        </div>
        <div v-if="sizeChoice === 'px'" class="row">
            <span>Tiles in px</span>
            <ElInputNumber
                size="small"
                :model-value="Number(pane.exceptions.tile_size)"
                :min="tile_sizes.range[0]"
                :max="tile_sizes.range[1]"
                :precision="0"
                aria-label="Size of the tiles here in px"
                @change="emit('change', { tile_size: $event ?? tile_sizes.first }, 'Tiles of another size here.')"
            />
        </div>
        <div class="row">
            <span>Finish</span>
            <ElSelect
                class="list"
                size="small"
                :model-value="finishChoice"
                :empty-values="[null]"
                :value-on-clear="null"
                aria-label="Finish here"
                @change="dress"
            >
                <ElOption value="" :label="`as the gallery: ${details.finish.gallery}`" />
                <ElOption v-for="card in finishes" :key="card.key" :value="card.key" :label="card.name" />
            </ElSelect>
        </div>
        <div v-if="details.albums.length > 0" class="row">
            <span>Album</span>
            <ElSelect
                class="list"
                size="small"
                :model-value="pane.exceptions.album ?? ''"
                :empty-values="[null]"
                :value-on-clear="null"
                aria-label="Album here"
                @change="emit('change', { album: $event === '' ? null : $event }, 'The album was changed here.')"
            >
                <ElOption value="" label="all, as the gallery" />
                <ElOption v-for="album in details.albums" :key="album.value" :value="album.value" :label="album.label" />
            </ElSelect>
        </div>
        <details class="left">
            <summary>
                Left out here <b>{{ out === 0 ? 'none' : out === 1 ? '1 picture' : `${out} pictures` }}</b>
            </summary>
            <ul>
                <li v-for="item in details.items" :key="item.id">
                    <button
                        type="button"
                        :class="{ out: !item.shown }"
                        :aria-pressed="!item.shown"
                        :aria-label="`Leave out here: ${item.title}`"
                        @click="leave(item.id)"
                    >
                        <img v-if="item.thumbnail" :src="item.thumbnail" alt="" loading="lazy" />
                        <span v-else>Text</span>
                    </button>
                </li>
            </ul>
            <ElButton v-if="out > 0" link type="primary" @click="emit('change', { left_out: [] }, 'All pictures are shown here.')"
                >show all, as the gallery</ElButton
            >
        </details>
    </div>
</template>

<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query';
import { computed } from 'vue';
import { finishesQuery } from '../api/queries';
import type { Exception, Exceptions, Gallery, PaneDetails, SettingPath, SitePane } from '../api/types';
import { settingOf, useVocabulary } from '../api/vocabulary';

/** What is otherwise in one place: each says what the gallery has, and goes back to it with one click. */
const props = defineProps<{ pane: SitePane; details: PaneDetails; gallery: Gallery }>();
const emit = defineEmits<{ change: [exceptions: { [key in keyof Exceptions]?: Exceptions[key] | null }, says: string] }>();
const { layouts, tile_sizes } = useVocabulary();
const { data: known } = useQuery(computed(() => finishesQuery(props.gallery.id, props.gallery.version, 'finishes')));

const finishes = computed(() => known.value?.cards.filter(({ key }) => key !== '') ?? []);
const finishChoice = computed(() => String(props.pane.exceptions.design?.finish?.named ?? ''));
const out = computed(() => props.details.items.filter(({ shown }) => !shown).length);
const sizeChoice = computed(() => {
    const size = props.pane.exceptions.tile_size;
    if (size === undefined) return '';
    return tile_sizes.names.some(({ value }) => value === size) ? String(size) : 'px';
});

function optionsOf(path: SettingPath): { value: string; label: string }[] {
    const setting = settingOf(path);
    return setting.control === 'choice' ? setting.options : [];
}

function rangeOf(path: SettingPath): { min?: number; max?: number } {
    const setting = settingOf(path);
    return setting.control === 'number' ? { min: setting.least, max: setting.most } : {};
}

/** What one begins with who sets it only here. */
function begin(one: Exception): string | number | null {
    const setting = settingOf(one.path);
    if (one.here !== null && typeof one.here !== 'boolean') return one.here;
    return setting.control === 'number' ? Math.max(setting.least, 2) : null;
}

/** One setting of the design here; undefined goes back to the gallery's. */
function put(path: SettingPath, value: string | number | null | undefined): void {
    const design = JSON.parse(JSON.stringify(props.pane.exceptions.design ?? {})) as Record<string, unknown>;
    const keys = path.split('.');
    const last = keys.pop() as string;
    let at = design;
    for (const key of keys) at = (at[key] ??= {}) as Record<string, unknown>;
    if (value === undefined) delete at[last];
    else at[last] = value;
    const left = pruned(design);
    emit('change', { design: left }, value === undefined ? 'As the gallery has it.' : 'Only here.');
}

/** Without groups that hold nothing; null where nothing is left. */
function pruned(part: Record<string, unknown>): Record<string, unknown> | null {
    const kept = Object.entries(part)
        .map(([key, value]) => [key, typeof value === 'object' && value !== null ? pruned(value as Record<string, unknown>) : value] as const)
        .filter(([, value], index) => value !== null || Object.values(part)[index] === null);
    return kept.length === 0 ? null : Object.fromEntries(kept);
}

function resize(value: string): void {
    emit(
        'change',
        { tile_size: value === '' ? null : value === 'px' ? tile_sizes.first : value },
        value === '' ? 'Tiles as in the gallery.' : 'Tiles of another size here.',
    );
}

function dress(key: string): void {
    const design = JSON.parse(JSON.stringify(props.pane.exceptions.design ?? {})) as Record<string, unknown>;
    delete design['finish'];
    const card = finishes.value.find((one) => one.key === key);
    const finish = { ...card?.part?.finish };
    delete finish['own'];
    const part = pruned({ ...design, ...(card ? { finish } : {}) });
    emit('change', { design: part }, card ? `${card.name} here.` : 'The finish of the gallery.');
}

function leave(item: string): void {
    const left = props.pane.exceptions.left_out ?? [];
    emit('change', { left_out: left.includes(item) ? left.filter((one) => one !== item) : [...left, item] }, 'Changed what is left out here.');
}
</script>

<style scoped>
.only {
    display: grid;
    gap: 6px;
    padding-top: 10px;
    border-top: 1px solid var(--z3);
}

.row {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 10px;
    min-height: 28px;
    font-size: 13px;
    color: var(--z6);
}

.value {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 8px;
    align-items: center;
    justify-content: end;
}

.value .el-input-number,
.value .el-select {
    width: 92px;
}

.value .el-button {
    margin: 0;
    font-size: 12px;
}

.list {
    flex: 0 0 164px;
}

.left {
    font-size: 13px;
    color: var(--z6);
}

.left b {
    float: inline-end;
    font-weight: 600;
    color: var(--z8);
}

.left ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(44px, 1fr));
    gap: 4px;
    max-height: 200px;
    padding: 8px 3px;
    overflow: auto;
}

.left button {
    display: block;
    width: 100%;
    aspect-ratio: 1;
    padding: 0;
    border: 0;
    background: var(--z2);
    font: 11px var(--type);
    cursor: pointer;
}

.left img {
    display: block;
    width: 100%;
    height: 100%;
    object-fit: cover;
}

.left .out {
    outline: 2px solid var(--rust);
    outline-offset: 1px;
}

.left .out img {
    opacity: 0.35;
}
</style>
