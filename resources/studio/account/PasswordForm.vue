<template>
    <section aria-labelledby="password">
        <h2 id="password">Password</h2>
        <form @submit.prevent="change">
            <p class="note">Long is what makes it good: some words in a row, which nobody would guess. All other browsers are signed out.</p>
            <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
            <label>
                <span>Password now</span>
                <ElInput v-model="now" type="password" autocomplete="current-password" required />
            </label>
            <label>
                <span>New password</span>
                <ElInput v-model="next" type="password" autocomplete="new-password" show-password required />
            </label>
            <ElButton native-type="submit" :disabled="busy">{{ busy ? 'Changing…' : 'Change password' }}</ElButton>
            <p v-if="done" role="status">The password is changed.</p>
        </form>
    </section>
</template>

<script setup lang="ts">
import { ref } from 'vue';
import { api } from '../api/client';
import ProblemNote from '../shared/ProblemNote.vue';
import { useAsking } from './use-asking';

const emit = defineEmits<{ done: [] }>();
const now = ref('');
const next = ref('');
const done = ref(false);
const { problem, busy, ask } = useAsking();

async function change(): Promise<void> {
    done.value = await ask(() => api.post('account/password', { password: now.value, new: next.value }));
    if (!done.value) return;
    now.value = next.value = '';
    emit('done');
}
</script>
