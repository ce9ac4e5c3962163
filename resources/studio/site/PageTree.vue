<template>
    <!-- What is below would move under the pointer once the pages come. -->
    <ElSkeleton v-if="!shared.isKnown.value" :rows="6" animated role="status" aria-label="Fetching the pages" />
    <div v-else class="tree">
        <PageBranch v-model="tree" :chosen="chosen" :level="1" @choose="emit('choose', $event)" @moved="keep" @step="step">
            <template #default="{ page }"><slot :page="page" /></template>
        </PageBranch>
        <form v-if="making" class="new" @submit.prevent="make" @keydown.esc="making = false">
            <label>
                <span>Title of the new page</span>
                <ElInput ref="field" v-model="title" :maxlength="longest.page_title" />
            </label>
            <div class="acts">
                <ElButton type="info" native-type="submit" :disabled="title.trim() === ''">Make it</ElButton>
                <ElButton @click="making = false">Leave it</ElButton>
            </div>
        </form>
        <ElButton v-else ref="opener" @click="begin">New page</ElButton>
    </div>
</template>

<script setup lang="ts">
import { nextTick, ref, watch } from 'vue';
import { api } from '../api/client';
import type { SitePage } from '../api/types';
import { useVocabulary } from '../api/vocabulary';
import PageBranch from './PageBranch.vue';
import { branches, moved, orderOf, type Branch } from './tree';
import type { UseSiteReturn } from './use-site';

/** The pages as a tree, as they stand in the menu; and the way to a new one. */
const props = defineProps<{ shared: UseSiteReturn; chosen: string | undefined }>();
const emit = defineEmits<{ choose: [id: string] }>();
defineSlots<{ default?(props: { page: SitePage }): unknown }>();
const { longest } = useVocabulary();

const tree = ref<Branch[]>([]);
const making = ref(false);
const title = ref('');
const field = ref<{ focus: () => void }>();
const opener = ref<{ $el: HTMLElement }>();

watch(
    () => props.shared.pages.value,
    (pages) => (tree.value = branches(pages)),
    { immediate: true },
);
watch(making, async (is) => {
    await nextTick();
    if (is) field.value?.focus();
    else opener.value?.$el.focus();
});

async function order(wanted: Branch[], says: string): Promise<void> {
    if (!(await props.shared.act(() => api.put('site/menu', { order: orderOf(wanted) }), says))) tree.value = branches(props.shared.pages.value);
}

/** What was dragged lies in the tree already. */
async function keep(): Promise<void> {
    await nextTick();
    const known = JSON.stringify(orderOf(branches(props.shared.pages.value)));
    if (JSON.stringify(orderOf(tree.value)) !== known) await order(tree.value, 'The pages stand in another order.');
}

async function step(id: string, way: 'up' | 'down' | 'in' | 'out'): Promise<void> {
    const next = moved(tree.value, id, way);
    if (!next) return;
    tree.value = next;
    await order(next, `Moved ${way}.`);
    await nextTick();
    document.querySelector<HTMLElement>(`[data-page="${id}"] > .page`)?.focus();
}

function begin(): void {
    title.value = '';
    making.value = true;
}

async function make(): Promise<void> {
    let made = '';
    const wanted = title.value.trim();
    if (wanted === '') return;
    const done = await props.shared.act(async () => (made = (await api.post<{ id: string }>('pages', { title: wanted })).id), `${wanted} is there.`);
    if (done) {
        making.value = false;
        emit('choose', made);
    }
}
</script>

<style scoped>
.tree {
    display: grid;
    gap: 12px;
    align-content: start;
}

.new {
    display: grid;
    gap: 8px;
    padding-top: 10px;
    border-top: 1px solid var(--z3);
}

label > span {
    display: block;
    margin-bottom: 4px;
    font-size: 13px;
    color: var(--z6);
}

.acts {
    display: flex;
    gap: 8px;
}

.acts .el-button {
    margin: 0;
}
</style>
