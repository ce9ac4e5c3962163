<template>
    <section class="strip" :aria-label="label">
        <header>
            <SegmentChoice v-model="shows" label="Shown below the proofs" :options="views" seen-elsewhere class="views" :style="{ width }" />
            <slot name="note" />
        </header>
        <slot name="instead">
            <p v-if="waits" class="waits">{{ waits }}</p>
            <div v-else ref="list" class="list" role="listbox" :aria-label="listLabel" @keydown="browse" @pointerleave="emit('leave')">
                <slot />
            </div>
        </slot>
    </section>
</template>

<script setup lang="ts" generic="T extends string">
import { ref } from 'vue';
import { useRovingKeys } from '../shared/use-roving-keys';
import SegmentChoice from '../shared/SegmentChoice.vue';

/** What a gallery may become, side by side below its proofs: arrow keys go from one to the next. */
defineProps<{
    label: string;
    listLabel: string;
    views: readonly { value: T; label: string }[];
    width: string;
    /** What is on its way while there is nothing to choose from; a list of options without one is none. */
    waits: string;
}>();
const emit = defineEmits<{ leave: [] }>();
const shows = defineModel<T>({ required: true });
defineSlots<{ default?(): unknown; note?(): unknown; instead?(): unknown }>();
const list = ref<HTMLElement>();
const { walk } = useRovingKeys({ home: list, things: '[role="option"]' });

function browse(event: KeyboardEvent): void {
    if (walk(event) !== null) document.activeElement?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
}
</script>

<style scoped>
.strip {
    display: grid;
    grid-template-rows: auto minmax(0, 1fr);
    gap: 8px;
    min-width: 0;
    padding: 8px 18px 10px;
    border-top: 2px solid var(--z4);
    background: var(--z1);
}

header {
    display: flex;
    gap: 14px;
    align-items: center;
    min-width: 0;
}

header :slotted(p) {
    margin: 0;
    font-size: 12px;
    color: var(--z5);
}

.views {
    flex: none;
}

.waits {
    align-self: center;
    margin: 0;
    font-size: 13px;
    color: var(--z5);
}

.list {
    display: flex;
    gap: 10px;
    padding: 2px;
    overflow-x: auto;
    scrollbar-width: thin;
}
</style>
