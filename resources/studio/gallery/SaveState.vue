<template>
    <span class="state" :class="{ waits: stuck }" role="status">
        <template v-if="stuck">{{ stuck }}</template>
        <template v-else-if="said">{{ said }}</template>
        <template v-else>{{ outbox.waiting > 0 ? 'Saving…' : `Saved ${time}` }} · <slot /></template>
    </span>
</template>

<script setup lang="ts">
import { computed } from 'vue';
import { useOutbox } from '../outbox/use-outbox';

/** Whether the server has all that was changed; what it waits for where it has not. */
const props = defineProps<{ savedAt: string; clashing: boolean; said: string }>();
const outbox = useOutbox();

const time = computed(() => new Date(props.savedAt).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' }));
const stuck = computed(() => {
    if (outbox.waiting === 0) return outbox.isDown ? outbox.ails || 'The line is down' : '';
    const changes = outbox.waiting === 1 ? '1 change waits' : `${outbox.waiting} changes wait`;
    if (outbox.signedOut) return `Not saved yet: ${changes} for you to sign in`;
    if (outbox.isDown) return outbox.ails ? `Not saved yet: ${changes}. ${outbox.ails}` : `Not saved yet: ${changes} for the line`;
    return props.clashing ? `Not saved yet: ${changes} for your choice` : '';
});
</script>

<style scoped>
.state {
    overflow: hidden;
    color: #c5d1d6;
    font-size: 13px;
    font-variant-numeric: tabular-nums;
    text-overflow: ellipsis;
    white-space: nowrap;
}

.waits {
    color: var(--primer);
    font-weight: 600;
}
</style>
