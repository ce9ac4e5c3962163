<template>
    <ElTooltip
        v-model:visible="seen"
        :content="says"
        :trigger="['hover', 'focus']"
        :show-after="400"
        transition="none"
        :teleported="false"
        :popper-options="{ strategy: 'fixed' }"
        ><slot
    /></ElTooltip>
</template>

<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core';
import { ref } from 'vue';

/**
 * More about the control within, for a pointer that rests on it and for the keyboard; Escape puts it away. It stands in
 * the landmark of its control, no edge cuts it off, and it is there or not: half faded it could not be read.
 */
defineProps<{ says: string }>();
const seen = ref(false);
onKeyStroke('Escape', () => (seen.value = false));
</script>
