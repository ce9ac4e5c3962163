<template>
    <RouterView />
    <UploadTray />
    <Announcer />
</template>

<script setup lang="ts">
import UploadTray from './pictures/UploadTray.vue';
import Announcer from './shared/Announcer.vue';
</script>
