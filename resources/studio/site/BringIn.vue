<template>
    <div class="bring">
        <FileButton :disabled="busy" accept=".html,.htm,.zip" label="An HTML page, or a ZIP of some" @choose="(files) => take(files[0])"
            >Bring in an HTML page…</FileButton
        >
        <label class="under">
            <span>A ZIP goes under the address</span>
            <ElInput v-model="under" placeholder="the root of the site" aria-label="A ZIP goes under the address"><template #prepend>/</template></ElInput>
        </label>
        <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
        <div v-if="taken" class="taken" role="status">
            <p>{{ taken.pages.length === 1 ? 'The page is there.' : `${taken.pages.length} pages are there.` }}</p>
            <ul>
                <li v-for="note in taken.notes" :key="note" class="note">{{ note }}</li>
                <li v-for="one in taken.left" :key="one.name" class="note">Left out: {{ one.name }}. {{ one.why }}</li>
            </ul>
        </div>
    </div>
</template>

<script setup lang="ts">
import { ref } from 'vue';
import { useAsking } from '../account/use-asking';
import { api } from '../api/client';
import type { BroughtIn } from '../api/types';
import FileButton from '../shared/FileButton.vue';
import ProblemNote from '../shared/ProblemNote.vue';
import type { UseSiteReturn } from './use-site';

/** Pages from outside: an HTML file, or a small static site as a ZIP. */
const props = defineProps<{ shared: UseSiteReturn }>();
const emit = defineEmits<{ done: [page: string] }>();
const { problem, busy, ask } = useAsking();
const under = ref('');
const taken = ref<BroughtIn | null>(null);

async function take(file: File | undefined): Promise<void> {
    if (!file) return;
    const body = new FormData();
    body.append('file', file);
    body.append('under', under.value.trim());
    taken.value = null;
    const done = await ask(async () => (taken.value = await api.post<BroughtIn>('pages/bring-in', body)));
    await props.shared.act(() => Promise.resolve(), done ? 'The page is there.' : '');
    const first = (taken.value as BroughtIn | null)?.pages[0];
    if (first) emit('done', first);
}
</script>

<style scoped>
.bring {
    display: grid;
    gap: 8px;
    padding-top: 12px;
    border-top: 1px solid var(--z3);
}

.under > span {
    display: block;
    margin-bottom: 4px;
    font-size: 12px;
    color: var(--z5);
}

.taken {
    padding: 6px 10px;
    border-inline-start: 3px solid var(--verd);
    background: var(--verd-tint);
}
</style>
