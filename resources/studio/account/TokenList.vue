<template>
    <section aria-labelledby="tokens">
        <h2 id="tokens">Tokens for scripts</h2>
        <p class="note">
            A script that has one may do what it says here, and never more than you. <a href="/api/v1/openapi.json" target="_blank">What there is to call</a>
        </p>
        <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
        <div v-if="made" class="made">
            <label class="field">
                <span>“{{ madeName }}”: copy it now, it is shown this once</span>
                <ElInput ref="field" readonly :model-value="made" spellcheck="false" @focus="field?.select()" />
            </label>
            <ElButton @click="copy">{{ copied ? 'Copied' : 'Copy' }}</ElButton>
        </div>
        <ul class="rows">
            <li v-for="token in account.tokens" :key="token.id">
                <p class="what">
                    {{ token.name }} · {{ token.scopes.map(labelOf).join(', ') }}
                    <span class="note"
                        >{{ token.created_at ? `made ${when(token.created_at)}, ` : ''
                        }}{{ token.used_at ? `last used ${when(token.used_at)}` : 'never used' }}</span
                    >
                </p>
                <ElPopconfirm
                    title="Scripts that use it are refused from then on. Revoke?"
                    confirm-button-text="Revoke"
                    cancel-button-text="Keep"
                    @confirm="revoke(token.id)"
                >
                    <template #reference
                        ><ElButton size="small"
                            >Revoke …<span class="unseen"> {{ token.name }}</span></ElButton
                        ></template
                    >
                </ElPopconfirm>
            </li>
        </ul>
        <form @submit.prevent="make">
            <label class="field">
                <span>Name, by which you know it later</span>
                <ElInput v-model="name" :maxlength="account.longest_name" />
            </label>
            <ElCheckboxGroup v-model="scopes" aria-label="What it may do">
                <ElCheckbox v-for="scope in account.scopes" :key="scope.key" :value="scope.key">{{ scope.label }}: {{ scope.says }}</ElCheckbox>
            </ElCheckboxGroup>
            <ElButton native-type="submit" :loading="busy" :disabled="name.trim() === '' || scopes.length === 0">Make a token</ElButton>
        </form>
    </section>
</template>

<script setup lang="ts">
import { useClipboard } from '@vueuse/core';
import { nextTick, ref } from 'vue';
import { api } from '../api/client';
import type { Account, Scope, TokenMade } from '../api/types';
import { announce } from '../shared/announce';
import ProblemNote from '../shared/ProblemNote.vue';
import { when } from '../shared/when';
import { useAsking } from './use-asking';

/** Keys for scripts: made, shown once, revoked. */
const props = defineProps<{ account: Account }>();
const emit = defineEmits<{ done: [] }>();
const { problem, busy, ask } = useAsking();
const { copy: toClipboard, copied } = useClipboard({ legacy: true });
const field = ref<{ select: () => void; focus: () => void }>();
const name = ref('');
const scopes = ref<Scope[]>(['read']);
const made = ref('');
const madeName = ref('');

const labelOf = (key: Scope): string => props.account.scopes.find((scope) => scope.key === key)?.label.toLowerCase() ?? key;

async function make(): Promise<void> {
    const called = name.value.trim();
    if (!(await ask(async () => (made.value = (await api.post<TokenMade>('account/tokens', { name: called, scopes: scopes.value })).token)))) return;
    madeName.value = called;
    name.value = '';
    announce('The token is there. Copy it now.');
    emit('done');
    await nextTick();
    field.value?.focus();
}

async function revoke(id: number): Promise<void> {
    if (await ask(() => api.delete(`account/tokens/${id}`))) announce('Revoked.');
    made.value = '';
    emit('done');
}

async function copy(): Promise<void> {
    await toClipboard(made.value);
    announce('Copied.');
}
</script>

<style scoped>
section,
form,
.field {
    display: grid;
    gap: 8px;
    justify-items: start;
}

.field,
.rows {
    width: 100%;
}

.field > span {
    font-size: 13px;
    color: var(--z6);
}

.note {
    display: block;
}

.made {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 8px;
    align-items: end;
    width: 100%;
    padding: 10px;
    border-inline-start: 3px solid var(--verd);
    background: var(--verd-tint);
}

.el-checkbox-group {
    display: grid;
    justify-items: start;
}
</style>
