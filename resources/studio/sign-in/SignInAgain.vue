<template>
    <section aria-label="Signing in again">
        <ElDialog
            :model-value="true"
            title="Sign in to go on"
            width="min(420px, 94vw)"
            :close-on-click-modal="false"
            :close-on-press-escape="false"
            :show-close="false"
        >
            <SignInForm :known="session?.user?.email ?? ''" @done="outbox.backIn()">
                <p class="note">Your session has ended. What you changed is kept here and goes on once you are in again.</p>
            </SignInForm>
        </ElDialog>
    </section>
</template>

<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query';
import { sessionQuery } from '../api/queries';
import type { Session } from '../api/types';
import { useOutbox } from '../outbox/use-outbox';
import SignInForm from './SignInForm.vue';

const outbox = useOutbox();
/** As it was when it began: nobody asks the server now. */
const session = useQueryClient().getQueryData<Session>(sessionQuery().queryKey);
</script>
