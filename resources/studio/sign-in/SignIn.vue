<template>
    <main class="door">
        <form @submit.prevent="signIn">
            <div class="brand">
                <span class="mark" aria-hidden="true"><i /><i /><i /><i /></span>
                <h1>Zinc Pane</h1>
            </div>
            <p class="note">Galleries for the pages of your site. Sign in to work on them.</p>
            <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
            <label>
                <span>E-mail</span>
                <ElInput v-model="email" type="email" name="email" autocomplete="username" required autofocus />
            </label>
            <label>
                <span>Password</span>
                <ElInput v-model="password" type="password" name="password" autocomplete="current-password" required />
            </label>
            <ElButton type="primary" native-type="submit" :disabled="busy">{{ busy ? 'Signing in…' : 'Sign in' }}</ElButton>
        </form>
    </main>
</template>

<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query';
import { ref } from 'vue';
import { useRouter } from 'vue-router';
import { api, Problem } from '../api/client';
import ProblemNote from '../shared/ProblemNote.vue';

const router = useRouter();
const queries = useQueryClient();
const email = ref('');
const password = ref('');
const problem = ref('');
const busy = ref(false);

async function signIn(): Promise<void> {
    busy.value = true;
    problem.value = '';
    try {
        await api.post('session', { email: email.value, password: password.value });
        queries.clear();
        await router.push({ name: 'galleries' });
    } catch (error) {
        problem.value = error instanceof Problem ? error.message : 'Something went wrong. Try again.';
    } finally {
        busy.value = false;
    }
}
</script>

<style scoped>
.door {
    display: grid;
    place-items: center;
    min-height: 100vh;
    padding: 24px;
    background: var(--z7);
}

form {
    display: grid;
    gap: 16px;
    width: min(360px, 100%);
    padding: 28px;
    border-radius: var(--corner);
    border-top: 4px solid var(--z4);
    background: var(--z0);
}

.brand {
    display: flex;
    align-items: center;
    gap: 12px;
}

h1 {
    font-size: 22px;
    font-stretch: 80%;
    font-weight: 700;
}

.mark {
    display: grid;
    grid-template: 11px 16px / 16px 11px;
    gap: 3px;
}

.mark i {
    background: var(--z4);
}

.mark i:nth-child(2) {
    background: var(--primer);
}

label > span {
    display: block;
    margin-bottom: 4px;
    font-size: 13px;
    color: var(--z6);
}

.act {
    min-height: 40px;
}
</style>
