<template>
    <form class="lock" @submit.prevent="save">
        <p>
            {{
                lock.is_locked
                    ? 'Locked: visitors are asked for the password where it stands. Its pictures are in reach of nobody else.'
                    : 'Anyone may see it. With a password its pictures are in reach of nobody else, by address either.'
            }}
        </p>
        <label>
            <span>{{ lock.is_locked ? 'Another password' : 'Password' }}</span>
            <ElInput v-model="password" :maxlength="lock.longest" autocomplete="off" :aria-describedby="problem ? problemId : undefined" />
        </label>
        <p class="note">At least {{ lock.shortest }} characters. It is kept so that nobody can read it: note it down.</p>
        <label>
            <span>Stays open for, in hours</span>
            <ElInputNumber v-model="hours" :min="1" :max="lock.most_hours" />
        </label>
        <ProblemNote v-if="problem" :id="problemId">{{ problem }}</ProblemNote>
        <div class="acts">
            <ElButton native-type="submit" :loading="busy" :disabled="password === ''">{{ lock.is_locked ? 'Change the password' : 'Lock it' }}</ElButton>
            <ElPopconfirm
                v-if="lock.is_locked"
                title="Anyone may see it then. Unlock?"
                confirm-button-text="Unlock"
                cancel-button-text="Leave it locked"
                @confirm="unlock"
            >
                <template #reference><ElButton plain>Unlock …</ElButton></template>
            </ElPopconfirm>
        </div>
        <p v-if="lock.is_locked" class="note">With another password, whoever had opened it is asked again. On pages elsewhere it says that it is locked.</p>
    </form>
</template>

<script setup lang="ts">
import { ref, useId } from 'vue';
import { useAsking } from '../account/use-asking';
import { api } from '../api/client';
import type { Elsewhere } from '../api/types';
import { announce } from '../shared/announce';
import ProblemNote from '../shared/ProblemNote.vue';

/** The password of a gallery. */
const props = defineProps<{ gallery: string; lock: Elsewhere['lock'] }>();
const emit = defineEmits<{ changed: [] }>();
const { problem, ask, busy } = useAsking();
const problemId = useId();
const password = ref('');
const hours = ref(props.lock.hours);

async function act(work: () => Promise<unknown>, says: string): Promise<void> {
    if (!(await ask(work))) return;
    password.value = '';
    announce(says);
    emit('changed');
}

const save = (): Promise<void> => act(() => api.put(`galleries/${props.gallery}/lock`, { password: password.value, hours: hours.value }), 'Locked.');

const unlock = (): Promise<void> => act(() => api.delete(`galleries/${props.gallery}/lock`), 'Unlocked.');
</script>

<style scoped>
.lock,
label {
    display: grid;
    gap: 8px;
}

label > span:first-child {
    font-size: 13px;
    color: var(--z6);
}

.acts {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
}

.acts .el-button {
    margin: 0;
}
</style>
