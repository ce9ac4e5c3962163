<template>
    <div class="comments">
        <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
        <NothingHere v-if="data && data.length === 0" title="No comments">{{
            pages.some((page) => page.comments)
                ? 'What visitors write comes here first, and is shown once you say so.'
                : 'Switch comments on for a page, and visitors may write below it.'
        }}</NothingHere>
        <section v-for="group in groups" :key="group.title" :aria-label="group.title">
            <h2>{{ group.title }}</h2>
            <ul>
                <li v-for="comment in group.comments" :key="comment.id">
                    <div class="said">
                        <p>
                            <b>{{ comment.name }}</b> <span class="note">on {{ comment.page }}, {{ when(comment.at) }}</span>
                        </p>
                        <p class="text" dir="auto">{{ comment.text }}</p>
                    </div>
                    <div class="acts">
                        <ElButton v-if="comment.state !== 'shown'" size="small" type="info" @click="judge(comment.id, 'shown', 'Shown on the page.')"
                            >Show it</ElButton
                        >
                        <ElButton v-if="comment.state !== 'refused'" size="small" @click="judge(comment.id, 'refused', 'Not shown.')">{{
                            comment.state === 'shown' ? 'Take it down' : 'Do not show it'
                        }}</ElButton>
                        <ElPopconfirm title="Delete it for good?" confirm-button-text="Delete" cancel-button-text="Keep" @confirm="remove(comment.id)">
                            <template #reference
                                ><ElButton size="small" type="danger" plain
                                    >Delete<span class="unseen"> the comment of {{ comment.name }}</span></ElButton
                                ></template
                            >
                        </ElPopconfirm>
                    </div>
                </li>
            </ul>
        </section>
    </div>
</template>

<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query';
import { computed } from 'vue';
import { useAsking } from '../account/use-asking';
import { api } from '../api/client';
import type { Comment, SitePage } from '../api/types';
import NothingHere from '../shared/NothingHere.vue';
import ProblemNote from '../shared/ProblemNote.vue';
import { announce } from '../shared/announce';
import { when } from '../shared/when';

/** What visitors wrote; nothing of it is on a page before somebody has looked at it. */
defineProps<{ pages: SitePage[] }>();
const queries = useQueryClient();
const { data, refetch } = useQuery({ queryKey: ['comments'], queryFn: () => api.get<Comment[]>('comments'), staleTime: 0 });
const { problem, ask } = useAsking();

const TITLES = { waiting: 'To look at', shown: 'On the pages', refused: 'Not shown' } as const;
const groups = computed(() =>
    (Object.keys(TITLES) as Comment['state'][])
        .map((state) => ({ title: TITLES[state], comments: data.value?.filter((comment) => comment.state === state) ?? [] }))
        .filter(({ comments }) => comments.length > 0),
);

async function act(work: () => Promise<unknown>, says: string): Promise<void> {
    if (await ask(work)) announce(says);
    await Promise.all([refetch(), queries.invalidateQueries({ queryKey: ['site'] })]);
}

const judge = (id: string, state: Comment['state'], says: string): Promise<void> => act(() => api.patch(`comments/${id}`, { state }), says);

const remove = (id: string): Promise<void> => act(() => api.delete(`comments/${id}`), 'Deleted.');
</script>

<style scoped>
.comments {
    display: grid;
    gap: 20px;
    max-width: 880px;
    margin: 0 auto;
    padding: 24px;
}

li {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 20px;
    align-items: start;
    padding: 12px 0;
    border-top: 1px solid var(--z3);
}

.said {
    flex: 1 1 340px;
    min-width: 0;
}

.text {
    margin-top: 4px;
    overflow-wrap: anywhere;
    white-space: pre-line;
}

/* On the ground of the window, which is darker than a panel. */
.note {
    color: var(--z6);
}

.acts {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
}

.acts .el-button {
    margin: 0;
}
</style>
