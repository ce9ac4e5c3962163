<template>
    <DoorFrame>
        <form @submit.prevent="accept">
            <h1>Zinc Pane</h1>
            <p v-if="!seen" role="status">Looking at your invitation …</p>
            <p v-else-if="!seen.invitation" role="alert">This link was used already, or is too old. Ask whoever sent it for another one.</p>
            <template v-else>
                <p>
                    You are invited to work here as <b>{{ seen.invitation.role }}</b>, with the address {{ seen.invitation.email }}.
                </p>
                <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
                <label>
                    <span>Your name</span>
                    <ElInput v-model="name" autocomplete="name" required autofocus />
                </label>
                <label>
                    <span>Password, new</span>
                    <ElInput v-model="password" type="password" autocomplete="new-password" show-password required />
                </label>
                <p class="note">Some words in a row make a good one.</p>
                <ElButton type="primary" native-type="submit" :disabled="busy">Come in</ElButton>
            </template>
        </form>
    </DoorFrame>
</template>

<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query';
import { ref } from 'vue';
import { useRouter } from 'vue-router';
import { api } from '../api/client';
import type { InvitationSeen } from '../api/types';
import { useAsking } from '../account/use-asking';
import ProblemNote from '../shared/ProblemNote.vue';
import DoorFrame from './DoorFrame.vue';

const router = useRouter();
const queries = useQueryClient();
/** What stands behind the sign of the address is not sent along with it. */
const token = window.location.hash.slice(1);
const seen = ref<InvitationSeen>();
const name = ref('');
const password = ref('');
const { problem, busy, ask } = useAsking();

void ask(async () => {
    // Reading the session first brings the token against forgery.
    await api.get('session');
    seen.value = await api.post<InvitationSeen>('invitation/look', { token });
});

async function accept(): Promise<void> {
    if (!(await ask(() => api.post('invitation', { token, name: name.value, password: password.value })))) return;
    queries.clear();
    await router.replace({ name: 'galleries' });
}
</script>
