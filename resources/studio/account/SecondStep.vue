<template>
    <section aria-labelledby="second">
        <h2 id="second">Second step</h2>
        <ProblemNote v-if="problem">{{ problem }}</ProblemNote>

        <div v-if="recovery.length > 0" role="status">
            <p>
                <b>The second step is in force.</b> Keep these recovery codes where you keep papers. Each is good once, should your phone be lost; they are
                shown this once.
            </p>
            <ul class="codes">
                <li v-for="one in recovery" :key="one">{{ one }}</li>
            </ul>
            <ElButton @click="recovery = []">I have written them down</ElButton>
        </div>

        <form v-else-if="offer" @submit.prevent="confirm">
            <p>Scan this with the authenticator on your phone, or type the secret into it. Then type the code that it shows.</p>
            <img v-if="picture" :src="picture" width="180" height="180" alt="The secret, as a picture to scan" />
            <p class="secret">{{ offer.secret }}</p>
            <label>
                <span>Code</span>
                <ElInput ref="field" v-model="code" inputmode="numeric" autocomplete="one-time-code" required />
            </label>
            <span>
                <ElButton type="primary" native-type="submit" :disabled="busy">Set it up</ElButton>
                <ElButton @click="offer = null">Leave it</ElButton>
            </span>
        </form>

        <form v-else @submit.prevent="account.second_step ? end() : begin()">
            <p v-if="account.second_step">Signing in asks for a code of your authenticator too. Recovery codes left: {{ account.recovery_codes }}.</p>
            <p v-else>With a second step, a password that somebody else learnt opens nothing: signing in asks for a code of your phone too.</p>
            <label>
                <span>Your password</span>
                <ElInput v-model="password" type="password" autocomplete="current-password" required />
            </label>
            <ElButton native-type="submit" :disabled="busy">{{ account.second_step ? 'Take the second step away' : 'Set up a second step' }}</ElButton>
        </form>
    </section>
</template>

<script setup lang="ts">
import { nextTick, ref } from 'vue';
import { api } from '../api/client';
import type { Account, RecoveryCodes, SecondStepOffer } from '../api/types';
import ProblemNote from '../shared/ProblemNote.vue';
import { announce } from '../shared/announce';
import { useAsking } from './use-asking';

defineProps<{ account: Account }>();
const emit = defineEmits<{ done: [] }>();
const offer = ref<SecondStepOffer | null>(null);
const picture = ref('');
const password = ref('');
const code = ref('');
const recovery = ref<string[]>([]);
const field = ref<{ focus: () => void }>();
const { problem, busy, ask } = useAsking();

async function begin(): Promise<void> {
    await ask(async () => {
        const told = await api.post<SecondStepOffer>('account/second-step', { password: password.value });
        const { toDataURL } = await import('qrcode');
        picture.value = await toDataURL(told.uri, { margin: 2, width: 360 });
        offer.value = told;
        password.value = code.value = '';
    });
    await nextTick();
    field.value?.focus();
}

async function confirm(): Promise<void> {
    const isDone = await ask(async () => {
        recovery.value = (await api.put<RecoveryCodes>('account/second-step', { code: code.value })).recovery_codes;
        offer.value = null;
    });
    if (isDone) emit('done');
}

async function end(): Promise<void> {
    if (!(await ask(() => api.post('account/second-step/end', { password: password.value })))) return;
    password.value = '';
    announce('The second step is taken away.');
    emit('done');
}
</script>

<style scoped>
.codes {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
    gap: 4px 16px;
    margin: 12px 0;
    font-family: ui-monospace, monospace;
}

.secret {
    font-family: ui-monospace, monospace;
    letter-spacing: 0.05em;
}

img {
    border: 1px solid var(--z3);
}
</style>
