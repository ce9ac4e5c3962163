<template>
    <ElConfigProvider :locale="en" :button="{ autoInsertSpace: false }">
        <RouterView v-slot="{ Component }">
            <component :is="Component" v-if="Component" />
            <!-- A screen has its heading from its first frame. -->
            <main v-else><h1 class="unseen">Zinc Pane</h1></main>
        </RouterView>
        <UploadTray />
        <SignInAgain v-if="outbox.signedOut && !isAtDoor" />
    </ElConfigProvider>
    <Announcer />
</template>

<script setup lang="ts">
import en from 'element-plus/es/locale/lang/en';
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import UploadTray from './pictures/UploadTray.vue';
import Announcer from './shared/Announcer.vue';
import { useOutbox } from './outbox/use-outbox';
import SignInAgain from './sign-in/SignInAgain.vue';
import { useFocusGuard } from './shared/use-focus-guard';

const outbox = useOutbox();
const route = useRoute();
const isAtDoor = computed(() => route.name === 'sign-in');

useFocusGuard();
</script>
