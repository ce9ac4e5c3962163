<template>
    <div class="both">
        <WindowSheet>
            <template #before>
                <ElSelect v-model="pageId" aria-label="Which page" class="which">
                    <ElOption v-for="one in pages" :key="one.id" :value="one.id" :label="one.title" />
                </ElSelect>
            </template>
            <template #note>Before is on the left of the line, after on the right.</template>
            <template v-if="page" #default="{ frame }">
                <p v-if="!page.live" class="none">Visitors have no such page yet.</p>
                <iframe v-else :key="`b${page.id}`" ref="before" :src="was" sandbox="allow-same-origin" title="Before" :style="frame" tabindex="-1" />
                <iframe
                    :key="`a${after}`"
                    ref="next"
                    :src="after"
                    sandbox="allow-same-origin"
                    title="After"
                    :style="{ ...frame, clipPath: `inset(0 0 0 ${at}%)` }"
                />
                <i class="line" :style="{ left: `${at}%` }" aria-hidden="true" />
            </template>
        </WindowSheet>
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
import { useIntervalFn } from '@vueuse/core';
import { computed, ref } from 'vue';
import type { SitePage } from '../api/types';
import WindowSheet from '../shared/WindowSheet.vue';

/** A page as visitors have it, and as they would have it, with a line between that is drawn to and fro. */
const props = defineProps<{ pages: SitePage[]; galleries: string[]; chosenPages: string[]; /** Another text whenever something of it is. */ state: string }>();
/** ms between looks how far each was scrolled. */
const FOLLOWS = 60;

const at = ref(50);
const picked = ref<string>();
const before = ref<HTMLIFrameElement>();
const next = ref<HTMLIFrameElement>();

const pageId = computed({ get: () => page.value?.id ?? '', set: (id: string) => (picked.value = id) });
const page = computed(() => props.pages.find(({ id }) => id === picked.value) ?? props.pages[0]);
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
    grid-template-rows: minmax(0, 1fr) auto;
    gap: 10px;
    height: 100%;
}

.which {
    width: 200px;
}

iframe {
    position: absolute;
    top: 0;
    left: 0;
    background: #fff;
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
