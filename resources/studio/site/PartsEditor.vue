<template>
    <section class="editor" :aria-label="`Words of ${page.title}`">
        <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
        <div v-if="isContested" class="contested" role="group" aria-label="Whose words stay">
            <ElButton size="small" @click="decide('mine')">Put mine in their place</ElButton>
            <ElButton size="small" @click="decide('theirs')">Take theirs, and let mine go</ElButton>
        </div>
        <p v-if="page.brought_in" class="note">This page was brought in as a file; its words stay as the file has them.</p>
        <VueDraggable v-else v-model="parts" tag="ol" handle=".grip" :animation="120" @end="keep(0)">
            <li v-for="(part, index) in parts" :key="part.id" class="part" :data-part="part.id">
                <button
                    class="grip"
                    type="button"
                    :aria-label="`${label(part)}, part ${index + 1} of ${parts.length}. Alt and an arrow moves it`"
                    @keydown.alt.up.prevent="move(index, -1)"
                    @keydown.alt.down.prevent="move(index, 1)"
                >
                    ⠿
                </button>
                <div class="body">
                    <PartWords
                        v-if="isWritten(part)"
                        :ref="(words) => (fields[part.id] = words as Words)"
                        :part="part"
                        :label="`${label(part)}, part ${index + 1}`"
                        @change="(html) => ((part.html = html), keep(PAUSE))"
                        @split="(before, after) => split(index, before, after)"
                        @merge="remove(index)"
                    />
                    <SinglePicture
                        v-else-if="part.kind === 'picture'"
                        :part="part"
                        :twice="twiceOf(part)"
                        @change="(told) => (Object.assign(part, told), keep(PAUSE))"
                        @leave-out="leaveOut"
                    />
                    <p v-else class="kept">{{ label(part) }}: {{ words(part) }}</p>
                    <p v-for="pane in panesAt(index + 1)" :key="pane.id" class="pane">{{ pane.gallery }} · {{ pane.says }}</p>
                </div>
                <div class="acts">
                    <ElSelect
                        v-if="part.kind === 'heading'"
                        v-model="part.level"
                        size="small"
                        class="level"
                        :aria-label="`Level of part ${index + 1}`"
                        @change="keep(0)"
                    >
                        <ElOption v-for="level in heading_levels" :key="level" :value="level" :label="`H${level}`" />
                    </ElSelect>
                    <ElButton size="small" :icon="Close" :aria-label="`Take out part ${index + 1}`" @click="remove(index)" />
                </div>
            </li>
        </VueDraggable>
        <div v-if="!page.brought_in" class="add" role="group" aria-label="Put in">
            <ElButton v-for="kind in kinds" :key="kind.value" size="small" @click="add(kind.value)">{{ kind.label }}</ElButton>
        </div>
        <p v-if="saved" class="note" role="status">{{ saved }}</p>
    </section>
</template>

<script setup lang="ts">
import { Close } from '@element-plus/icons-vue';
import { nextTick, reactive } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';
import type { PartKind, SitePage, SitePane } from '../api/types';
import { useVocabulary } from '../api/vocabulary';
import ProblemNote from '../shared/ProblemNote.vue';
import { newPart, type DraftPart } from './parts';
import PartWords from './PartWords.vue';
import SinglePicture from './SinglePicture.vue';
import { useParts } from './use-parts';

type Words = InstanceType<typeof PartWords> | null;

/** ms that one goes on typing before it is kept. */
const PAUSE = 700;

const props = defineProps<{ page: SitePage }>();
const emit = defineEmits<{ kept: []; leaveOut: [pane: string, item: string] }>();
const { part_kinds, heading_levels } = useVocabulary();
const { parts, problem, saved, isContested, twice, keep, decide } = useParts(props.page.id, () => emit('kept'));
const fields = reactive<Record<string, Words>>({});
const kinds = part_kinds.filter(({ value }) => value !== 'kept');

const label = (part: DraftPart): string => part_kinds.find(({ value }) => value === part.kind)?.label ?? '';
const isWritten = (part: DraftPart): boolean => part_kinds.find(({ value }) => value === part.kind)?.is_written ?? false;
const words = (part: DraftPart): string => (new DOMParser().parseFromString(part.html, 'text/html').body.textContent ?? '').trim().slice(0, 90);
const panesAt = (spot: number): SitePane[] => props.page.panes.filter((pane) => pane.spot === spot);
const twiceOf = (part: DraftPart) => twice.value.filter((one) => one.part === part.id);

async function focus(id: string): Promise<void> {
    await nextTick();
    await nextTick();
    fields[id]?.focus();
}

function add(kind: PartKind): void {
    const part = newPart(kind, kind === 'list' ? '<li></li>' : '');
    parts.value.push(part);
    if (kind !== 'picture') {
        keep(PAUSE);
        void focus(part.id);
    }
}

function split(index: number, before: string, after: string): void {
    const part = parts.value[index];
    if (!part) return;
    part.html = before;
    const next = newPart('paragraph', after);
    parts.value.splice(index + 1, 0, next);
    keep(0);
    void focus(next.id);
}

function remove(index: number): void {
    parts.value.splice(index, 1);
    keep(0);
    const before = parts.value[Math.max(0, index - 1)];
    if (before) void focus(before.id);
}

async function move(index: number, by: number): Promise<void> {
    const part = parts.value[index];
    if (!part || index + by < 0 || index + by >= parts.value.length) return;
    parts.value.splice(index, 1);
    parts.value.splice(index + by, 0, part);
    keep(0);
    await nextTick();
    document.querySelector<HTMLElement>(`[data-part="${part.id}"] .grip`)?.focus();
}

function leaveOut(pane: string, item: string): void {
    emit('leaveOut', pane, item);
}
</script>

<style scoped>
.editor {
    display: grid;
    gap: 10px;
    align-content: start;
}

.editor > .note {
    color: var(--z6);
}

.part {
    display: grid;
    grid-template-columns: 26px minmax(0, 1fr) auto;
    gap: 4px;
    align-items: start;
    padding: 2px 0;
}

.grip {
    padding: 4px 0;
    border: 0;
    background: none;
    color: var(--z4);
    font-size: 16px;
    cursor: grab;
}

.part:is(:hover, :focus-within) .grip {
    color: var(--z6);
}

.body {
    min-width: 0;
}

.kept {
    padding: 6px 8px;
    color: var(--z5);
    font-size: 13px;
}

.pane {
    margin: 6px 0;
    padding: 6px 10px;
    border: 2px solid var(--verd);
    border-radius: var(--corner);
    background: var(--verd-tint);
    color: var(--verd);
    font-size: 13px;
    font-weight: 600;
}

.acts {
    display: flex;
    gap: 4px;
}

.contested {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
}

.contested .el-button {
    margin: 0;
}

.acts .el-button {
    margin: 0;
    padding: 0 7px;
}

.level {
    width: 62px;
}

.add {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    padding-top: 10px;
    border-top: 1px solid var(--z3);
}

.add .el-button {
    margin: 0;
}
</style>
