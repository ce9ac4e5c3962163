<template>
    <section aria-labelledby="invite">
        <h2 id="invite">Invite somebody</h2>
        <div v-if="link" role="status" class="link">
            <p>Hand this link to {{ invited }}. It is good once, for {{ link.days }} days, and shown this once.</p>
            <ElInput :model-value="link.link" readonly aria-label="Link of the invitation" class="address" />
            <span>
                <ElButton type="primary" @click="copy">Copy</ElButton>
                <ElButton @click="link = null">Done</ElButton>
            </span>
        </div>
        <form v-else @submit.prevent="invite">
            <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
            <label>
                <span>E-mail</span>
                <ElInput v-model="email" type="email" autocomplete="off" required />
            </label>
            <ElRadioGroup v-model="role" aria-label="Role" class="roles">
                <ElRadio v-for="one in roles" :key="one.key" :value="one.key">
                    {{ one.label }} <span class="note">{{ one.says }}</span>
                </ElRadio>
            </ElRadioGroup>
            <ElButton native-type="submit" :disabled="busy">Make a link</ElButton>
        </form>
    </section>
</template>

<script setup lang="ts">
import { ref } from 'vue';
import { api } from '../api/client';
import type { InvitationLink, People, Role } from '../api/types';
import { useAsking } from '../account/use-asking';
import ProblemNote from '../shared/ProblemNote.vue';
import { announce } from '../shared/announce';

defineProps<{ roles: People['roles'] }>();
const emit = defineEmits<{ done: [] }>();
const email = ref('');
const invited = ref('');
const role = ref<Role>('editor');
const link = ref<InvitationLink | null>(null);
const { problem, busy, ask } = useAsking();

async function invite(): Promise<void> {
    const isDone = await ask(async () => {
        link.value = await api.post<InvitationLink>('invitations', { email: email.value, role: role.value });
    });
    if (!isDone) return;
    invited.value = email.value;
    email.value = '';
    emit('done');
}

async function copy(): Promise<void> {
    await navigator.clipboard.writeText(link.value?.link ?? '');
    announce('The link was copied.');
}
</script>

<style scoped>
.roles {
    display: grid;
    gap: 4px;
    justify-items: start;
}

.roles :deep(.el-radio) {
    height: auto;
    margin: 0;
    white-space: normal;
}

.link {
    display: grid;
    gap: 12px;
}

.link .address {
    width: 100%;
}
</style>
