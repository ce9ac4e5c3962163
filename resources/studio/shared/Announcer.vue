<template>
    <p class="unseen" aria-live="polite" data-announcer>{{ announcement }}</p>
</template>

<script setup lang="ts">
import { announcement } from './announce';
</script>

<style scoped>
/* Wherever the page ends: it makes it no longer. */
.unseen {
    position: fixed;
    top: 0;
}
</style>
