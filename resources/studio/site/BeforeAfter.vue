<template>
    <div class="both">
        <div class="bar">
            <ElSelect v-model="pageId" aria-label="Which page" class="which">
                <ElOption v-for="one in pages" :key="one.id" :value="one.id" :label="one.title" />
            </ElSelect>
            <SegmentChoice v-model="size" label="Width of the window" seen-elsewhere :options="SIZES" class="sizes" />
            <span class="note">Before is on the left of the line, after on the right.</span>
        </div>
        <div ref="room" class="room">
            <div v-if="page" class="sheet" :style="{ width: `${windowWidth * scale}px` }">
                <p v-if="!page.live" class="none">Visitors have no such page yet.</p>
                <iframe v-else :key="`b${page.id}`" ref="before" :src="was" sandbox="allow-same-origin" title="Before" :style="frameStyle" tabindex="-1" />
                <iframe
                    :key="`a${after}`"
                    ref="next"
                    class="after"
                    :src="after"
                    sandbox="allow-same-origin"
                    title="After"
                    :style="{ ...frameStyle, clipPath: `inset(0 0 0 ${at}%)` }"
                />
                <i class="line" :style="{ left: `${at}%` }" aria-hidden="true" />
            </div>
        </div>
        <ElSlider
            v-model="at"
            :min="0"
            :max="100"
            :show-tooltip="false"
            aria-label="Line between before and after"
            :format-value-text="(value: number) => `${value} per cent before`"
        />
    </div>
</template>

<script setup lang="ts">
import { useElementSize, useIntervalFn } from '@vueuse/core';
import { computed, ref } from 'vue';
import type { SitePage } from '../api/types';
import { useVocabulary } from '../api/vocabulary';
import SegmentChoice from '../shared/SegmentChoice.vue';

/** A page as visitors have it, and as they would have it, with a line between that is drawn to and fro. */
const props = defineProps<{ pages: SitePage[]; galleries: string[]; chosenPages: string[]; /** Another text whenever something of it is. */ state: string }>();
const { wide, phone } = useVocabulary().widths;
const SIZES = [
    { value: 'wide', label: 'Wide' },
    { value: 'phone', label: 'Phone' },
] as const;

/** ms between looks how far each was scrolled. */
const FOLLOWS = 60;

const size = ref<'wide' | 'phone'>('wide');
const at = ref(50);
const picked = ref<string>();
const room = ref<HTMLElement>();
const before = ref<HTMLIFrameElement>();
const next = ref<HTMLIFrameElement>();
const { width, height } = useElementSize(room);

const pageId = computed({ get: () => page.value?.id ?? '', set: (id: string) => (picked.value = id) });
const page = computed(() => props.pages.find(({ id }) => id === picked.value) ?? props.pages[0]);
const windowWidth = computed(() => (size.value === 'wide' ? wide : phone));
const scale = computed(() => Math.min(1, Math.max(0.2, width.value / windowWidth.value)));
const frameStyle = computed(() => ({ width: `${windowWidth.value}px`, height: `${height.value / scale.value}px`, transform: `scale(${scale.value})` }));
const inStudio = computed(() => (page.value ? `/studio/next/${page.value.id}${page.value.brought_in ? page.value.address : ''}` : ''));
/** With nothing chosen it is as visitors have it. */
const was = computed(() => `${inStudio.value}?galleries=&pages=`);
const after = computed(() => {
    const query = new URLSearchParams({
        galleries: props.galleries.join(','),
        pages: props.chosenPages.join(','),
        at: `${page.value?.body ?? ''}.${props.state}`,
    });
    return `${inStudio.value}?${query}`;
});

// The one that lies on top is scrolled; the other follows.
useIntervalFn(() => {
    const top = next.value?.contentWindow?.scrollY;
    const other = before.value?.contentWindow;
    if (top !== undefined && other && Math.abs(other.scrollY - top) > 1) other.scrollTo(0, top);
}, FOLLOWS);
</script>

<style scoped>
.both {
    display: grid;
    grid-template-rows: auto minmax(0, 1fr) auto;
    gap: 10px;
    height: 100%;
}

.bar {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px 12px;
}

.which {
    width: 200px;
}

.sizes {
    flex: 0 0 188px;
}

.bar .note {
    color: var(--z6);
}

.room {
    display: grid;
    justify-items: center;
    overflow: hidden;
}

.sheet {
    position: relative;
    height: 100%;
    overflow: hidden;
    background: #fff;
    outline: 2px solid var(--z4);
    outline-offset: -2px;
}

iframe {
    position: absolute;
    top: 0;
    left: 0;
    border: 0;
    background: #fff;
    transform-origin: 0 0;
}

.none {
    padding: 40px 24px;
    color: var(--z5);
}

.line {
    position: absolute;
    inset-block: 0;
    width: 0;
    border-left: 3px solid var(--verd);
    pointer-events: none;
}

.el-slider {
    padding-inline: 10px;
}
</style>
