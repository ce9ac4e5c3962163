<template>
    <ElDropdown class="account" trigger="click" @command="go">
        <ElButton class="quiet">{{ session?.user?.name ?? 'Account' }}<span aria-hidden="true" class="caret">▾</span></ElButton>
        <template #dropdown>
            <ElDropdownMenu>
                <ElDropdownItem command="account">Your account</ElDropdownItem>
                <ElDropdownItem v-if="may('people')" command="people">People</ElDropdownItem>
                <ElDropdownItem v-if="may('security-log')" command="security">Security log</ElDropdownItem>
                <ElDropdownItem divided command="out">Sign out</ElDropdownItem>
            </ElDropdownMenu>
        </template>
    </ElDropdown>
</template>

<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query';
import { useRouter } from 'vue-router';
import { api } from '../api/client';
import { sessionQuery } from '../api/queries';
import type { Ability } from '../api/types';

const router = useRouter();
const queries = useQueryClient();
const { data: session } = useQuery(sessionQuery());

function may(ability: Ability): boolean {
    return session.value?.user?.may.includes(ability) ?? false;
}

async function go(where: string): Promise<void> {
    if (where === 'out') {
        await api.delete('session');
        queries.clear();
    }
    await router.push({ name: where === 'out' ? 'sign-in' : where });
}
</script>

<style scoped>
/* At the end of the bar. */
.account {
    margin-inline-start: auto;
}

.caret {
    margin-inline-start: 6px;
}

.quiet {
    font-weight: 400;
}
</style>
