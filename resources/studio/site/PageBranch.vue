<template>
    <VueDraggable
        v-model="shown"
        tag="ul"
        class="branch"
        group="pages"
        :force-fallback="true"
        :fallback-tolerance="5"
        :animation="120"
        :delay="180"
        :delay-on-touch-only="true"
        :aria-label="level === 1 ? 'Pages of the site' : undefined"
        @end="emit('moved')"
    >
        <li v-for="branch in shown" :key="branch.id" :data-page="branch.id">
            <ElButton
                class="page"
                :class="{ on: branch.id === chosen }"
                :aria-pressed="branch.id === chosen"
                :aria-keyshortcuts="KEYS"
                @click="emit('choose', branch.id)"
                @keydown.alt="step($event, branch.id)"
            >
                <b>{{ branch.page.title }}</b>
                <span class="note" :class="{ warn: branch.page.lost }">{{ menuNote(branch.page) }}</span>
                <slot :page="branch.page" />
            </ElButton>
            <PageBranch
                v-if="branch.page.menu_label !== null && level < 3"
                v-model="branch.below"
                :chosen="chosen"
                :level="level + 1"
                @choose="emit('choose', $event)"
                @moved="emit('moved')"
                @step="(id, way) => emit('step', id, way)"
                ><template #default="{ page }"><slot :page="page" /></template
            ></PageBranch>
        </li>
    </VueDraggable>
</template>

<script setup lang="ts">
import { computed } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';
import type { SitePage } from '../api/types';
import { menuNote } from './notes';
import type { Branch } from './tree';

/** Pages of one level; dragged about with the pointer, moved with Alt and the arrows. */
const props = defineProps<{ modelValue: Branch[]; chosen: string | undefined; level: number }>();
const emit = defineEmits<{ 'update:modelValue': [tree: Branch[]]; choose: [id: string]; moved: []; step: [id: string, way: 'up' | 'down' | 'in' | 'out'] }>();
defineSlots<{ default?(props: { page: SitePage }): unknown }>();

const KEYS = 'Alt+ArrowUp Alt+ArrowDown Alt+ArrowLeft Alt+ArrowRight';
const WAYS = { ArrowUp: 'up', ArrowDown: 'down', ArrowRight: 'in', ArrowLeft: 'out' } as const;

const shown = computed({ get: () => props.modelValue, set: (tree) => emit('update:modelValue', tree) });

function step(event: KeyboardEvent, id: string): void {
    const way = WAYS[event.key as keyof typeof WAYS];
    if (!way) return;
    event.preventDefault();
    emit('step', id, way);
}
</script>

<style scoped>
.branch {
    display: grid;
    gap: 6px;
    align-content: start;
}

.branch .branch {
    min-height: 4px;
    padding: 4px 0 0 16px;
}

.page {
    width: 100%;
    height: auto;
    margin: 0;
    padding: 8px 10px;
    font-weight: 400;
    line-height: 1.4;
    text-align: start;
}

.page :deep(> span) {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 1px;
    justify-items: start;
    width: 100%;
    white-space: normal;
}

.page.on {
    border-color: var(--verd);
    box-shadow: inset 0 0 0 1px var(--verd);
    background: var(--verd-tint);
}

.page.on .note {
    color: var(--z6);
}

b {
    font-weight: 600;
    overflow-wrap: anywhere;
}

.page .note.warn {
    color: var(--rust);
}
</style>
