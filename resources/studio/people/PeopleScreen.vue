<template>
    <PlainScreen title="People">
        <ElSkeleton v-if="!data" :rows="5" animated aria-label="Fetching the people" role="status" />
        <template v-else>
            <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
            <section aria-labelledby="who">
                <h2 id="who">Who works here</h2>
                <ul class="rows">
                    <li v-for="person in data.people" :key="person.id">
                        <p class="what">
                            <b>{{ person.name }}</b> {{ person.email }}
                            <span class="note"
                                >{{ person.second_step ? 'with a second step' : 'without a second step'
                                }}<template v-if="person.seen_at">, last seen {{ when(person.seen_at) }}</template></span
                            >
                        </p>
                        <ElSelect :model-value="person.role" class="role" :aria-label="`Role of ${person.name}`" @change="give(person, $event as Role)">
                            <ElOption v-for="role in data.roles" :key="role.key" :value="role.key" :label="role.label" />
                        </ElSelect>
                        <ElPopconfirm
                            :title="`Remove ${person.name}? What they did stays.`"
                            confirm-button-text="Remove"
                            cancel-button-text="Keep"
                            width="260"
                            @confirm="remove(person)"
                        >
                            <template #reference>
                                <ElButton size="small"
                                    >Remove<span class="unseen"> {{ person.name }}</span></ElButton
                                >
                            </template>
                        </ElPopconfirm>
                    </li>
                </ul>
            </section>
            <InviteForm :roles="data.roles" @done="refresh" />
            <section v-if="data.invitations.length > 0" aria-labelledby="open">
                <h2 id="open">Invited, not here yet</h2>
                <ul class="rows">
                    <li v-for="invitation in data.invitations" :key="invitation.id">
                        <p class="what">
                            {{ invitation.email }} <span class="note">as {{ invitation.role }}; the link is good until {{ when(invitation.expires_at) }}</span>
                        </p>
                        <ElButton size="small" @click="takeBack(invitation.id)"
                            >Take back<span class="unseen"> the invitation of {{ invitation.email }}</span></ElButton
                        >
                    </li>
                </ul>
            </section>
        </template>
    </PlainScreen>
</template>

<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query';
import { api } from '../api/client';
import type { People, Role } from '../api/types';
import { useAsking } from '../account/use-asking';
import PlainScreen from '../shared/PlainScreen.vue';
import ProblemNote from '../shared/ProblemNote.vue';
import { announce } from '../shared/announce';
import { when } from '../shared/when';
import InviteForm from './InviteForm.vue';

type Person = People['people'][number];

const { data, refetch } = useQuery({ queryKey: ['people'], queryFn: () => api.get<People>('people'), staleTime: 0 });
const { problem, ask } = useAsking();

async function refresh(): Promise<void> {
    await refetch();
}

async function act(work: () => Promise<unknown>, says: string): Promise<void> {
    if (await ask(work)) announce(says);
    await refresh();
}

const give = (person: Person, role: Role): Promise<void> => act(() => api.patch(`people/${person.id}`, { role }), `${person.name} has another role now.`);

const remove = (person: Person): Promise<void> => act(() => api.delete(`people/${person.id}`), `${person.name} is removed.`);

const takeBack = (id: string): Promise<void> => act(() => api.delete(`invitations/${id}`), 'The invitation is taken back.');
</script>

<style scoped>
.role {
    width: 120px;
}

.note {
    display: block;
}
</style>
