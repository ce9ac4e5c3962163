<template>
    <form @submit.prevent="signIn">
        <slot />
        <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
        <label>
            <span>E-mail</span>
            <ElInput v-model="email" type="email" name="email" autocomplete="username" required autofocus />
        </label>
        <label>
            <span>Password</span>
            <ElInput v-model="password" type="password" name="password" autocomplete="current-password" required />
        </label>
        <label v-if="needsCode">
            <span>Code of your authenticator, or a recovery code</span>
            <ElInput ref="field" v-model="code" name="code" autocomplete="one-time-code" required />
        </label>
        <ElButton type="primary" native-type="submit" :disabled="busy">{{ busy ? 'Signing in…' : 'Sign in' }}</ElButton>
    </form>
</template>

<script setup lang="ts">
import { nextTick, ref } from 'vue';
import { api, messageOf, Problem } from '../api/client';
import ProblemNote from '../shared/ProblemNote.vue';

const props = withDefaults(defineProps<{ known?: string }>(), { known: '' });
const emit = defineEmits<{ done: [] }>();
const email = ref(props.known);
const password = ref('');
const problem = ref('');
const code = ref('');
const needsCode = ref(false);
const field = ref<{ focus: () => void }>();
const busy = ref(false);

async function signIn(): Promise<void> {
    busy.value = true;
    problem.value = '';
    try {
        await api.post('session', { email: email.value, password: password.value, ...(needsCode.value ? { code: code.value } : {}) });
        emit('done');
    } catch (error) {
        if (error instanceof Problem && error.code === 'second-step-needed') {
            needsCode.value = true;
            await nextTick();
            field.value?.focus();
        } else problem.value = messageOf(error);
    } finally {
        busy.value = false;
    }
}
</script>

<style scoped>
form {
    display: grid;
    gap: 16px;
}

label > span {
    display: block;
    margin-bottom: 4px;
    font-size: 13px;
    color: var(--z6);
}
</style>
