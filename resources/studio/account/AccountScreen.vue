<template>
    <PlainScreen title="Your account">
        <ElSkeleton v-if="!account" :rows="5" animated aria-label="Fetching your account" role="status" />
        <template v-else>
            <p>{{ account.name }} · {{ account.email }} · {{ account.role }}</p>
            <PasswordForm @done="refresh" />
            <SecondStep :account="account" @done="refresh" />
            <section aria-labelledby="browsers">
                <h2 id="browsers">Signed in with</h2>
                <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
                <ul class="rows">
                    <li v-for="signIn in account.sign_ins" :key="signIn.id">
                        <p class="what">
                            {{ signIn.browser }}<b v-if="signIn.here"> · this one</b>
                            <span class="note">from {{ signIn.address }}, since {{ when(signIn.since) }}, last seen {{ when(signIn.seen_at) }}</span>
                        </p>
                        <ElButton v-if="!signIn.here" size="small" @click="out(signIn.id)">Sign out<span class="unseen"> there</span></ElButton>
                    </li>
                </ul>
                <p v-if="account.sign_ins.length > 1"><ElButton @click="out(null)">Sign out everywhere but here</ElButton></p>
            </section>
            <TokenList :account="account" @done="refresh" />
        </template>
    </PlainScreen>
</template>

<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query';
import { ref } from 'vue';
import { api, messageOf } from '../api/client';
import type { Account } from '../api/types';
import PlainScreen from '../shared/PlainScreen.vue';
import ProblemNote from '../shared/ProblemNote.vue';
import { announce } from '../shared/announce';
import { when } from '../shared/when';
import PasswordForm from './PasswordForm.vue';
import SecondStep from './SecondStep.vue';
import TokenList from './TokenList.vue';

const { data: account, refetch } = useQuery({ queryKey: ['account'], queryFn: () => api.get<Account>('account'), staleTime: 0 });
const problem = ref('');

async function refresh(): Promise<void> {
    await refetch();
}

/** One browser, or all but this one. */
async function out(id: string | null): Promise<void> {
    problem.value = '';
    try {
        await api.delete(id === null ? 'account/sign-ins' : `account/sign-ins/${id}`);
        announce(id === null ? 'Signed out everywhere but here.' : 'That browser is signed out.');
        await refresh();
    } catch (error) {
        problem.value = messageOf(error);
    }
}
</script>

<style scoped>
.note {
    display: block;
}
</style>
