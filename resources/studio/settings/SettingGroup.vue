<template>
    <ElCollapseItem :name="group.under">
        <template #title>
            <span class="title">
                <b>{{ group.under }}</b>
                <span>{{ brief }}</span>
            </span>
        </template>
        <div class="rows">
            <slot />
            <SettingRow
                v-for="setting in group.settings"
                :key="setting.path"
                :setting="setting"
                :value="valueAt(design, setting.path)"
                @change="emit('change', partOf(setting.path, $event))"
            />
        </div>
    </ElCollapseItem>
</template>

<script setup lang="ts">
import type { DesignPart, GalleryDesign } from '../api/types';
import SettingRow from './SettingRow.vue';
import { partOf, valueAt, type SettingsUnder } from './settings';

/** The settings under one heading, which says in one line how they stand; one heading is open at a time. */
defineProps<{ group: SettingsUnder; design: GalleryDesign; brief: string }>();
const emit = defineEmits<{ change: [part: DesignPart] }>();
</script>

<style scoped>
.title {
    display: grid;
    min-width: 0;
    padding: 6px 0;
    line-height: 1.3;
    text-align: left;
}

b {
    font-size: 14px;
    font-weight: 600;
    color: var(--z8);
}

.title > span {
    overflow: hidden;
    font-size: 12px;
    text-overflow: ellipsis;
    color: var(--z5);
    white-space: nowrap;
}

.rows {
    display: grid;
    gap: 12px;
}
</style>
