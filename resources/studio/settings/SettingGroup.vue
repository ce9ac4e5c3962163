<template>
    <FoldItem :name="group.under" :brief="brief">
        <div class="rows">
            <slot />
            <SettingRow
                v-for="setting in group.settings"
                :key="setting.path"
                :class="{ flag: setting.control === 'flag' }"
                :setting="setting"
                :value="valueAt(design, setting.path)"
                :colours="colours"
                @change="emit('change', partOf(setting.path, $event))"
            />
        </div>
    </FoldItem>
</template>

<script setup lang="ts">
import type { DesignPart, GalleryDesign, PageColours } from '../api/types';
import FoldItem from '../shared/FoldItem.vue';
import SettingRow from './SettingRow.vue';
import { partOf, valueAt, type SettingsUnder } from './settings';

/** The settings under one heading, which says in one line how they stand; one heading is open at a time. */
withDefaults(defineProps<{ group: SettingsUnder; design: GalleryDesign; brief: string; colours?: PageColours['colours'] }>(), { colours: () => [] });
const emit = defineEmits<{ change: [part: DesignPart] }>();
</script>

<style scoped>
.rows {
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
}

.rows > * {
    flex: 1 1 100%;
    min-width: 0;
}

/* Boxes to tick stand beside each other. */
.rows > .flag {
    flex: 0 1 auto;
}
</style>
