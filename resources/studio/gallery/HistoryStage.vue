<template>
    <div class="stage">
        <section class="done" aria-label="What was done">
            <h2>What was done</h2>
            <ActList :acts="acts" :more="more" :earlier="earlier" :busy="state.busy > 0" @back="back" />
        </section>
        <section class="editions" aria-label="What visitors had">
            <h2>What visitors had</h2>
            <p v-if="data && data.editions.length === 0" class="note">It was never live.</p>
            <ElRadioGroup v-model="first" class="list" aria-label="Edition to look at">
                <div v-for="edition in data?.editions" :key="edition.id" class="edition">
                    <ElRadio :value="edition.id">
                        {{ when(edition.at) }}
                        <span class="note"
                            >{{ edition.pictures }} pictures<template v-if="edition.by">, {{ edition.by }}</template></span
                        >
                    </ElRadio>
                    <b v-if="edition.live">live now</b>
                    <ElPopconfirm
                        v-else
                        title="Put this edition live again? What you are working on stays as it is."
                        confirm-button-text="Put it live"
                        cancel-button-text="Keep"
                        width="260"
                        @confirm="again(edition.id)"
                    >
                        <template #reference
                            ><ElButton size="small"
                                >Live again<span class="unseen">: {{ when(edition.at) }}</span></ElButton
                            ></template
                        >
                    </ElPopconfirm>
                </div>
            </ElRadioGroup>
            <label v-if="(data?.editions.length ?? 0) > 1" class="with">
                <span>Beside it</span>
                <ElSelect v-model="second" aria-label="Edition beside it" :empty-values="[null]" :value-on-clear="null">
                    <ElOption value="" label="nothing" />
                    <ElOption
                        v-for="edition in data?.editions.filter(({ id: one }) => one !== first)"
                        :key="edition.id"
                        :value="edition.id"
                        :label="when(edition.at)"
                    />
                </ElSelect>
            </label>
            <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
        </section>
        <section class="mat" aria-label="As visitors had it">
            <iframe v-for="edition in shown" :key="edition" :src="`/studio/edition/${edition}`" sandbox="allow-same-origin" :title="titleOf(edition)" />
        </section>
    </div>
</template>

<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useAsking } from '../account/use-asking';
import { api } from '../api/client';
import type { GalleryHistory } from '../api/types';
import { announce } from '../shared/announce';
import ProblemNote from '../shared/ProblemNote.vue';
import { when } from '../shared/when';
import ActList from '../site/ActList.vue';
import { useActs } from '../site/use-acts';
import { useGallery } from '../gallery-state/use-gallery';

/** What was done to the gallery, and what visitors had of it when; back to any point, as a new act. */
const props = defineProps<{ id: string }>();
const { gallery, state, act, reload } = useGallery(() => props.id);
const { problem, ask } = useAsking();
const {
    newest: data,
    acts,
    more,
    earlier,
    refetch,
} = useActs<GalleryHistory>(
    () => ['gallery', props.id, 'history', gallery.value?.version, gallery.value?.live.at],
    () => `galleries/${props.id}/history`,
);
const first = ref('');
const second = ref('');
const shown = computed(() => [first.value, second.value].filter((edition) => edition !== ''));

watch(data, (known) => {
    if (first.value === '') first.value = known?.editions[0]?.id ?? '';
});

function titleOf(edition: string): string {
    const known = data.value?.editions.find(({ id }) => id === edition);
    return known ? `As it went live ${when(known.at)}` : 'As it went live';
}

async function back(entry: number): Promise<void> {
    if (await act('/back', { entry })) announce('The gallery is as it was then. Undo takes that back.');
    await refetch();
}

async function again(edition: string): Promise<void> {
    let gone = 0;
    if (await ask(async () => (gone = (await api.post<{ gone: number }>(`editions/${edition}/live`, {})).gone)))
        announce(gone === 0 ? 'That edition is live again.' : `That edition is live again, without ${gone} pictures that were deleted or taken offline.`);
    await reload();
    await refetch();
}
</script>

<style scoped>
.stage {
    display: grid;
    grid-template-columns: 400px 320px minmax(0, 1fr);
    height: 100%;
}

section {
    padding: 14px 16px;
    overflow: auto;
}

.done {
    background: var(--z0);
}

.editions {
    display: grid;
    gap: 10px;
    align-content: start;
    border-inline: 2px solid var(--z4);
    background: var(--z1);
}

.list {
    display: grid;
    width: 100%;
}

.edition {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 8px;
    padding: 4px 0;
    border-bottom: 1px solid var(--z3);
}

.edition b {
    color: var(--verd);
    font-size: 12px;
    white-space: nowrap;
}

.edition :deep(.el-radio) {
    height: auto;
    white-space: normal;
}

.with span {
    display: block;
    margin-bottom: 4px;
    font-size: 13px;
    color: var(--z6);
}

.mat {
    display: flex;
    gap: 14px;
    background: var(--mat);
}

iframe {
    flex: 1;
    min-width: 0;
    height: 100%;
    border: 0;
    outline: 2px solid var(--z4);
    background: #fff;
}

@media (width < 1180px) {
    .stage {
        grid-template-columns: 340px minmax(0, 1fr);
        grid-template-rows: auto 1fr;
    }

    .done {
        grid-row: 1 / 3;
    }
}

@media (width < 900px) {
    .stage {
        display: block;
        height: auto;
    }

    .mat {
        height: 70vh;
    }
}
</style>
