<template>
    <section class="settings" :aria-label="`${page.title}: the page`">
        <label>
            <span>Title</span>
            <ElInput v-model="title" :maxlength="longest.page_title" @change="keep('title', title.trim(), page.title)" />
        </label>
        <label>
            <span>Address</span>
            <ElInput v-model="address" :maxlength="longest.address" :disabled="page.address === '/'" @change="keep('address', address.trim(), page.slug)">
                <template #prepend>/</template>
            </ElInput>
        </label>
        <ElSwitch :model-value="page.menu_label !== null" active-text="In the menu" aria-label="In the menu" @change="toggle" />
        <label v-if="page.menu_label !== null">
            <span>Menu label</span>
            <ElInput v-model="label" :maxlength="longest.menu_label" @change="keep('menu_label', label.trim(), page.menu_label)" />
        </label>
        <ElSwitch :model-value="page.comments" active-text="Visitors may comment" aria-label="Visitors may comment" @change="comment" />
        <ProblemNote v-if="shared.problem.value">{{ shared.problem.value }}</ProblemNote>
        <div class="acts">
            <a v-if="page.live" class="go" :href="page.address" target="_blank" rel="noopener">Open the live page</a>
            <template v-if="page.brought_in">
                <a class="go" :href="`/studio/api/pages/${page.id}/file?as=html`" download>Take it along as HTML</a>
                <a class="go" :href="`/studio/api/pages/${page.id}/file?as=zip`" download>as ZIP</a>
            </template>
            <ElPopconfirm
                v-if="page.live"
                title="Take the page offline now? Visitors find it no more until it is put live again."
                confirm-button-text="Take offline"
                cancel-button-text="Keep"
                width="280"
                @confirm="offline"
            >
                <template #reference><ElButton size="small">Take offline</ElButton></template>
            </ElPopconfirm>
            <ElPopconfirm
                v-if="page.address !== '/'"
                title="Take the page off, for visitors too? Undo brings it back; then put it live again."
                confirm-button-text="Take it off"
                cancel-button-text="Keep"
                width="280"
                @confirm="remove"
            >
                <template #reference><ElButton size="small" type="danger" plain>Take the page off</ElButton></template>
            </ElPopconfirm>
        </div>
    </section>
</template>

<script setup lang="ts">
import { ref, watch } from 'vue';
import { api } from '../api/client';
import type { SitePage } from '../api/types';
import { useVocabulary } from '../api/vocabulary';
import ProblemNote from '../shared/ProblemNote.vue';
import type { UseSiteReturn } from './use-site';

/** What a page is called, where visitors find it, and whether they may comment. */
const props = defineProps<{ page: SitePage; shared: UseSiteReturn }>();
const { longest } = useVocabulary();
const title = ref('');
const address = ref('');
const label = ref('');

function show(): void {
    title.value = props.page.title;
    address.value = props.page.address === '/' ? '' : props.page.slug;
    label.value = props.page.menu_label ?? '';
}

watch(() => [props.page.id, props.page.title, props.page.slug, props.page.menu_label], show, { immediate: true });

const send = (told: object, says: string): Promise<boolean> => props.shared.act(() => api.patch(`pages/${props.page.id}`, told), says);

/** What was refused stays in its field, with the reason below. */
async function keep(field: 'title' | 'address' | 'menu_label', wanted: string, known: string | null): Promise<void> {
    if (wanted !== known) await send({ [field]: wanted }, 'The page was changed.');
}

const toggle = (is: unknown): Promise<boolean> =>
    send({ menu_label: is === true ? props.page.title.slice(0, longest.menu_label) : null }, is === true ? 'In the menu.' : 'Not in the menu any more.');

const comment = (is: unknown): Promise<boolean> => send({ comments: is === true }, is === true ? 'Visitors may comment.' : 'No comments there.');

const offline = (): Promise<boolean> => props.shared.act(() => api.post(`pages/${props.page.id}/offline`, {}), `${props.page.title} is offline.`);

const remove = (): Promise<boolean> => props.shared.act(() => api.delete(`pages/${props.page.id}`), `${props.page.title} is taken off.`);
</script>

<style scoped>
.settings {
    display: grid;
    gap: 10px;
    justify-items: start;
}

label {
    width: 100%;
}

label > span {
    display: block;
    margin-bottom: 4px;
    font-size: 13px;
    color: var(--z6);
}

.acts {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px;
}

.acts .el-button {
    margin: 0;
}
</style>
