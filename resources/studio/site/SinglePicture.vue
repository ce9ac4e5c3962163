<template>
    <div class="single">
        <img v-if="part.thumbnail" :src="part.thumbnail" alt="" />
        <div class="facts">
            <ElButton size="small" @click="open = true">{{ part.picture === null ? 'Choose a picture' : 'Another picture' }}</ElButton>
            <ElInput
                :model-value="part.caption"
                placeholder="Caption"
                aria-label="Caption of the single picture"
                :maxlength="longest.part_caption"
                @input="set({ caption: $event })"
            />
            <SegmentChoice label="Stands" :options="sides" :model-value="part.side" @update:model-value="set({ side: $event })" />
            <p v-for="one in twice" :key="one.pane + one.item" class="twice">
                The same picture is in “{{ one.gallery }}” on this page.
                <ElButton size="small" @click="emit('leaveOut', one.pane, one.item)">Leave it out there</ElButton>
            </p>
        </div>
        <ElDrawer v-model="open" title="Choose a single picture" size="520px">
            <PicturePick v-if="open" @take="take" />
        </ElDrawer>
    </div>
</template>

<script setup lang="ts">
import { ref } from 'vue';
import { api } from '../api/client';
import type { PageParts, PictureDetails } from '../api/types';
import { useVocabulary } from '../api/vocabulary';
import SegmentChoice from '../shared/SegmentChoice.vue';
import PicturePick from '../store/PicturePick.vue';
import type { DraftPart } from './parts';

/** A picture that stands by itself, and stays out of every gallery. */
const props = defineProps<{ part: DraftPart; twice: PageParts['twice'] }>();
const emit = defineEmits<{ change: [told: Partial<DraftPart>]; leaveOut: [pane: string, item: string] }>();
const { places, longest } = useVocabulary();
const sides = (places.find(({ path }) => path === 'side')?.options ?? []) as { value: DraftPart['side']; label: string }[];
const open = ref(props.part.picture === null);

function set(told: Partial<DraftPart>): void {
    emit('change', told);
}

async function take(id: string): Promise<void> {
    open.value = false;
    const picture = await api.get<PictureDetails>(`pictures/${id}`);
    set({ picture: id, thumbnail: picture.thumbnail ?? null, caption: props.part.caption === '' ? picture.words.caption : props.part.caption });
}
</script>

<style scoped>
.single {
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
    padding: 8px;
    border: 1px solid var(--z3);
    border-radius: var(--corner);
    background: var(--z0);
}

img {
    width: 140px;
    height: auto;
    align-self: start;
}

.facts {
    display: grid;
    flex: 1 1 220px;
    gap: 8px;
    justify-items: start;
}

.facts > :not(.el-button) {
    width: 100%;
}

.twice {
    padding: 6px 10px;
    border-inline-start: 2px solid var(--rust);
    background: var(--rust-tint);
    font-size: 13px;
}
</style>
