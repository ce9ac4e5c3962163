<template>
    <DoorFrame>
        <SignInForm @done="enter">
            <div class="brand">
                <span class="mark" aria-hidden="true"><i /><i /><i /><i /></span>
                <h1>Zinc Pane</h1>
            </div>
            <p class="note">Galleries for the pages of your site. Sign in to work on them.</p>
        </SignInForm>
    </DoorFrame>
</template>

<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query';
import { useRouter } from 'vue-router';
import DoorFrame from './DoorFrame.vue';
import SignInForm from './SignInForm.vue';

const router = useRouter();
const queries = useQueryClient();

async function enter(): Promise<void> {
    queries.clear();
    await router.push({ name: 'galleries' });
}
</script>

<style scoped>
.brand {
    display: flex;
    align-items: center;
    gap: 12px;
}

.mark {
    display: grid;
    grid-template: 11px 16px / 16px 11px;
    gap: 3px;
}

.mark i {
    background: var(--z4);
}

.mark i:nth-child(2) {
    background: var(--primer);
}
</style>
