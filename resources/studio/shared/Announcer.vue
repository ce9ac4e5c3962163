<template>
    <p class="unseen" aria-live="polite" data-announcer>{{ announcement }}</p>
</template>

<script setup lang="ts">
import { announcement } from './announce';
</script>
