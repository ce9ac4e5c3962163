<template>
    <ElConfigProvider :locale="en" :button="{ autoInsertSpace: false }">
        <RouterView />
        <UploadTray />
    </ElConfigProvider>
    <Announcer />
</template>

<script setup lang="ts">
import en from 'element-plus/es/locale/lang/en';
import UploadTray from './pictures/UploadTray.vue';
import Announcer from './shared/Announcer.vue';
import { useFocusGuard } from './shared/use-focus-guard';

useFocusGuard();
</script>
