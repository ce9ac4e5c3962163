<template>
    <div class="offline">
        <p v-if="offline" class="note">Taken offline everywhere: no visitor gets it, whatever is put live.</p>
        <ElButton v-if="offline" @click="act('online', 'Visitors may have it again, once its galleries are put live.')">Allow it again</ElButton>
        <ElPopconfirm
            v-else
            :title="ids.length === 1 ? 'Take the picture off every gallery and page now?' : `Take ${ids.length} pictures off every gallery and page now?`"
            confirm-button-text="Take offline"
            cancel-button-text="Keep"
            width="280"
            @confirm="act('offline', 'No visitor gets it any more.')"
        >
            <template #reference><ElButton type="danger" plain>Take offline everywhere</ElButton></template>
        </ElPopconfirm>
        <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
    </div>
</template>

<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query';
import { useAsking } from '../account/use-asking';
import { api } from '../api/client';
import { announce } from '../shared/announce';
import ProblemNote from '../shared/ProblemNote.vue';

/** Takes pictures out of the reach of visitors wherever they are shown, at once; they stay in their galleries. */
const props = defineProps<{ ids: string[]; offline: boolean }>();
const queries = useQueryClient();
const { problem, ask } = useAsking();

async function act(way: 'offline' | 'online', says: string): Promise<void> {
    if (await ask(() => api.post(`pictures/${way}`, { pictures: props.ids }))) announce(says);
    await Promise.all(['picture', 'gallery', 'galleries', 'site', 'pages'].map((key) => queries.invalidateQueries({ queryKey: [key] })));
}
</script>

<style scoped>
.offline {
    display: grid;
    gap: 8px;
    justify-items: start;
}
</style>
