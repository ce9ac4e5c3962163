<template>
    <TopBar v-if="gallery">
        <h1 class="unseen">{{ gallery.about.title }}</h1>
        <ElInput v-model="title" class="title" aria-label="Title of the gallery" :maxlength="longest.gallery_title" spellcheck="false" @change="rename" />
        <span class="grow" />
        <span class="state" role="status">
            {{ state.busy > 0 ? 'Saving…' : `Saved ${savedAt}` }} ·
            <b v-if="count > 0">{{ count === 1 ? '1 change not live' : `${count} changes not live` }}</b>
            <span v-else>all live</span>
        </span>
        <Hint says="Undo (Ctrl Z)">
            <ElButton class="icon" :icon="RefreshLeft" :disabled="!gallery.can_undo" aria-label="Undo" @click="undo" />
        </Hint>
        <Hint says="Redo (Ctrl Shift Z)">
            <ElButton class="icon" :icon="RefreshRight" :disabled="!gallery.can_redo" aria-label="Redo" @click="redo" />
        </Hint>
        <PutLive :id="id" />
    </TopBar>
</template>

<script setup lang="ts">
import { RefreshLeft, RefreshRight } from '@element-plus/icons-vue';
import { computed, ref, watch } from 'vue';
import { useVocabulary } from '../api/vocabulary';
import Hint from '../shared/Hint.vue';
import TopBar from '../shared/TopBar.vue';
import PutLive from './PutLive.vue';
import { useGallery } from './use-gallery';

const props = defineProps<{ id: string }>();
const { gallery, state, change, undo, redo } = useGallery(() => props.id);

const { longest } = useVocabulary();
const title = ref('');

watch(
    () => gallery.value?.about.title,
    (known) => (title.value = known ?? ''),
    { immediate: true },
);

const count = computed(() => gallery.value?.live.changes.length ?? 0);
const savedAt = computed(() => new Date(gallery.value?.saved_at ?? 0).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' }));

/** Enter keeps the title and leaves the focus where it is. */
function rename(): void {
    const wanted = title.value.trim();
    if (wanted === '') title.value = gallery.value?.about.title ?? '';
    else void change({ kind: 'about', about: { title: wanted } });
}
</script>

<style scoped>
.title {
    flex: 0 1 420px;
    min-width: 120px;
    --el-input-bg-color: transparent;
    --el-input-border-color: transparent;
    --el-input-hover-border-color: #4a5860;
    --el-input-focus-border-color: var(--primer);
    --el-input-text-color: #fff;
}

.title :deep(input) {
    font: 600 16px var(--type);
}

.grow {
    flex: 1;
}

.state {
    color: #c5d1d6;
    font-size: 13px;
    font-variant-numeric: tabular-nums;
    white-space: nowrap;
}

b {
    color: var(--primer);
    font-weight: 600;
}

.icon {
    --el-button-bg-color: transparent;
    --el-button-border-color: #4a5860;
    --el-button-text-color: #dfe7ea;
    --el-button-hover-bg-color: #333f46;
    --el-button-hover-text-color: #fff;
    --el-button-hover-border-color: #6d7d86;
    --el-button-disabled-bg-color: transparent;
    --el-button-disabled-border-color: #4a5860;
    --el-button-disabled-text-color: #6d7d86;
    width: 32px;
    margin: 0;
    padding: 0;
}

/* What is saved stands in the announcer too; on a phone there is room for acts only. */
@media (width < 900px) {
    .state {
        white-space: normal;
        font-size: 12px;
        line-height: 1.25;
    }

    .grow {
        display: none;
    }
}

@media (width < 600px) {
    .title {
        flex: 1 1 100%;
        order: -1;
    }
}
</style>
