<template>
    <ElCollapse v-model="open" class="controls" accordion>
        <SettingGroup
            v-for="group in groups"
            :key="group.under"
            :group="group"
            :design="gallery.design"
            :brief="gallery.briefs[group.under] ?? ''"
            :colours="page?.colours ?? []"
            @change="emit('change', $event)"
        >
            <CaptionVerdict v-if="group.under === 'Captions' && legibility" :legibility="legibility" @mend="emit('change', $event)" @show="emit('captions')" />
            <template v-else-if="group.under === 'Lettering'">
                <p class="note">The page writes in {{ page?.font.split(',')[0]?.replaceAll('"', '') }}; nothing else needs to be fetched for it.</p>
                <ElButton v-if="page" @click="emit('change', page.part)">Take colours and letters from the page</ElButton>
            </template>
            <ClassNames v-else-if="group.under === 'Your CSS'" />
        </SettingGroup>
    </ElCollapse>
</template>

<script setup lang="ts">
import { computed, ref } from 'vue';
import type { DesignPart, Gallery, Legibility, PageColours } from '../api/types';
import SettingGroup from '../settings/SettingGroup.vue';
import { groupsOf } from '../settings/settings';
import CaptionVerdict from './CaptionVerdict.vue';
import ClassNames from './ClassNames.vue';

const props = defineProps<{ gallery: Gallery; legibility: Legibility | undefined; page: PageColours | undefined }>();
const emit = defineEmits<{ change: [part: DesignPart]; captions: [] }>();
const open = ref('Captions');
const groups = computed(() => groupsOf(props.gallery.in_force, 'finish'));
</script>

<style scoped>
.controls {
    display: grid;
}
</style>
