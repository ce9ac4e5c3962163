<template>
    <TopBar v-if="gallery">
        <h1 class="unseen">{{ gallery.about.title }}</h1>
        <ElInput
            v-model="title"
            class="title"
            aria-label="Title of the gallery"
            :maxlength="longest.gallery_title"
            spellcheck="false"
            @input="rename(TYPING)"
            @change="rename(0)"
        />
        <span class="grow" />
        <SaveState :saved-at="gallery.saved_at" :clashing="state.clash !== null" :said="said">
            <b v-if="count > 0">{{ count === 1 ? '1 change not live' : `${count} changes not live` }}</b>
            <span v-else>all live</span>
        </SaveState>
        <Hint :says="gallery.undo ? `Undo: ${gallery.undo.says} (Ctrl Z)` : 'Nothing to undo'">
            <ElButton
                class="quiet icon"
                :icon="RefreshLeft"
                :disabled="!gallery.undo"
                :aria-label="gallery.undo ? `Undo: ${gallery.undo.says}` : 'Undo'"
                @click="emit('undo')"
            />
        </Hint>
        <Hint :says="gallery.redo ? `Redo: ${gallery.redo.says} (Ctrl Shift Z)` : 'Nothing to do again'">
            <ElButton
                class="quiet icon"
                :icon="RefreshRight"
                :disabled="!gallery.redo"
                :aria-label="gallery.redo ? `Redo: ${gallery.redo.says}` : 'Redo'"
                @click="emit('redo')"
            />
        </Hint>
        <PutLive :id="id" />
    </TopBar>
</template>

<script setup lang="ts">
import { RefreshLeft, RefreshRight } from '@element-plus/icons-vue';
import { computed, ref, watch } from 'vue';
import { useVocabulary } from '../api/vocabulary';
import { TYPING } from '../outbox/use-outbox';
import Hint from '../shared/Hint.vue';
import TopBar from '../shared/TopBar.vue';
import PutLive from './PutLive.vue';
import SaveState from './SaveState.vue';
import { useGallery } from '../gallery-state/use-gallery';

/** @prop said what was just taken back or done again */
const props = defineProps<{ id: string; said: string }>();
const emit = defineEmits<{ undo: []; redo: [] }>();
const { gallery, state, change } = useGallery(() => props.id);

const { longest } = useVocabulary();
const title = ref('');

watch(
    () => gallery.value?.about.title,
    (known) => {
        if (known !== undefined && known !== title.value.trim()) title.value = known;
    },
    { immediate: true },
);

const count = computed(() => gallery.value?.live.changes.length ?? 0);

/** Enter keeps the title and leaves the focus where it is. An empty one is none, and the last comes back. */
function rename(pause: number): void {
    const wanted = title.value.trim();
    if (wanted === '') {
        if (pause === 0) title.value = gallery.value?.about.title ?? '';
    } else if (wanted !== gallery.value?.about.title || pause === 0) void change({ kind: 'about', about: { title: wanted } }, pause);
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

b {
    color: var(--primer);
    font-weight: 600;
}

.icon {
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
