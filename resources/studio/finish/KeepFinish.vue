<template>
    <section class="keep" aria-label="Finishes that you keep">
        <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
        <form v-if="naming" class="line" @submit.prevent="keep">
            <ElInput
                ref="field"
                v-model="name"
                :maxlength="longest.finish_name"
                aria-label="Name of the finish"
                placeholder="Name of the finish"
                @keydown.esc="naming = false"
            />
            <ElButton native-type="submit" :disabled="name.trim() === ''">Keep</ElButton>
            <ElButton @click="naming = false">Leave it</ElButton>
        </form>
        <AskBar v-else-if="asked" :key="asked.to" :label="`${asked.to} the finish ${asked.finish.name}`" @leave="asked = null">
            {{ followersSay }}
            <template #acts
                ><ElButton @click="answers[asked.to]">{{ asked.to }} “{{ asked.finish.name }}”</ElButton></template
            >
        </AskBar>
        <div v-show="!naming && !asked" class="line">
            <ElButton @click="ask">Keep as a finish…</ElButton>
            <ElButton v-if="mine && !mine.follows" @click="look('Change')">Change “{{ mine.name }}”…</ElButton>
            <ElButton v-if="mine" tag="a" :href="`/studio/api/finishes/${mine.key}/file`" download>Send it out</ElButton>
            <ElButton v-if="mine" @click="look('Delete')">Delete it…</ElButton>
            <FileButton label="Finish file" accept=".json,application/json" @choose="takeIn">Take one in…</FileButton>
        </div>
    </section>
</template>

<script setup lang="ts">
import { computed, nextTick, ref } from 'vue';
import { api, messageOf } from '../api/client';
import { useVocabulary } from '../api/vocabulary';
import type { FinishCard, FinishKept, Gallery } from '../api/types';
import { useOutbox } from '../outbox/use-outbox';
import { announce } from '../shared/announce';
import AskBar from '../shared/AskBar.vue';
import FileButton from '../shared/FileButton.vue';
import ProblemNote from '../shared/ProblemNote.vue';

/** What becomes of a finish beyond its gallery: kept under a name, changed with all that follow it, sent out and taken in. */
const props = defineProps<{ gallery: Gallery; cards: readonly FinishCard[] }>();
const emit = defineEmits<{ change: [] }>();
const { longest } = useVocabulary();
const outbox = useOutbox();
const naming = ref(false);
const name = ref('');
const problem = ref('');
const asked = ref<{ to: 'Change' | 'Delete'; finish: FinishKept } | null>(null);
const field = ref<{ focus: () => void }>();
const mine = computed(() => props.cards.find(({ source, chosen }) => source === 'kept' && chosen));
const followersSay = computed(() => {
    const { to, finish: { followers = [] } = {} } = asked.value ?? {};
    const others = followers.filter(({ id }) => id !== props.gallery.id).map(({ title }) => `“${title}”`);
    const looks = to === 'Delete' ? 'All stay as they are, and follow nothing from then on.' : 'They will look like this one.';
    return others.length === 0
        ? `No other gallery follows it.${to === 'Delete' ? ' This one stays as it is.' : ''}`
        : `These follow: ${others.join(', ')}. ${looks}`;
});

async function ask(): Promise<void> {
    naming.value = true;
    name.value = '';
    await nextTick();
    field.value?.focus();
}

/** Does it once all that was changed here is saved, and tells what went wrong. */
async function attempt(act: () => Promise<string>): Promise<void> {
    problem.value = '';
    try {
        if (!(await outbox.flushed(`gallery:${props.gallery.id}`))) {
            problem.value = 'Some of your changes are not saved yet. This can be done once they are.';
            return;
        }
        announce(await act());
        naming.value = false;
        asked.value = null;
        emit('change');
    } catch (error) {
        problem.value = messageOf(error);
    }
}

const keep = (): Promise<void> =>
    attempt(async () => {
        const kept = await api.post<FinishKept>('finishes', { gallery: props.gallery.id, name: name.value });
        return `Kept as “${kept.name}”`;
    });

async function look(to: 'Change' | 'Delete'): Promise<void> {
    problem.value = '';
    try {
        if (mine.value) asked.value = { to, finish: await api.get<FinishKept>(`finishes/${mine.value.key}`) };
    } catch (error) {
        problem.value = messageOf(error);
    }
}

const answers = {
    Change: (): Promise<void> =>
        attempt(async () => {
            const { followers = [], name: changed } = await api.patch<FinishKept>(`finishes/${asked.value?.finish.key}`, { gallery: props.gallery.id });
            return `Changed “${changed}”${followers.length > 0 ? ` and ${followers.length} more` : ''}`;
        }),
    Delete: (): Promise<void> =>
        attempt(async () => {
            await api.delete(`finishes/${asked.value?.finish.key}`);
            return `Deleted “${asked.value?.finish.name}”`;
        }),
};

const takeIn = ([file]: File[]): Promise<void> =>
    attempt(async () => {
        const taken = await api.send<FinishKept>('finishes/file', file ?? new Blob());
        return `Took in “${taken.name}”`;
    });
</script>

<style scoped>
.line {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
}

.line :deep(.el-button) {
    margin: 0;
}

.line .el-input {
    flex: 1 1 100%;
}
</style>
