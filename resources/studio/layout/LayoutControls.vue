<template>
    <div class="controls">
        <SettingRow :setting="kind" :value="valueAt(gallery.design, kind.path)" @change="emit('change', partOf(kind.path, $event))" />
        <ElCollapse v-model="open" accordion>
            <SettingGroup
                v-for="group in groups"
                :key="group.under"
                :group="group"
                :design="gallery.design"
                :brief="gallery.briefs[group.under] ?? ''"
                @change="emit('change', $event)"
            >
                <p v-if="group.under === 'Phone'" class="note">In force on narrow pages. By itself is what suits these pictures.</p>
            </SettingGroup>
        </ElCollapse>
    </div>
</template>

<script setup lang="ts">
import { computed, ref } from 'vue';
import { settingOf } from '../api/vocabulary';
import type { DesignPart, Gallery } from '../api/types';
import SettingGroup from '../settings/SettingGroup.vue';
import SettingRow from '../settings/SettingRow.vue';
import { groupsOf, partOf, valueAt } from '../settings/settings';

const props = defineProps<{ gallery: Gallery }>();
const emit = defineEmits<{ change: [part: DesignPart] }>();
const open = ref('Tiles');
const kind = settingOf('layout.kind');
const groups = computed(() => groupsOf(props.gallery.in_force, 'layout').filter(({ under }) => under !== kind.under));
</script>

<style scoped>
.controls {
    display: grid;
    gap: 12px;
}
</style>
