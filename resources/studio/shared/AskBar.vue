<template>
    <section ref="bar" class="ask" role="alertdialog" :aria-label="label" @keydown.esc="emit('leave')">
        <p><slot /></p>
        <div class="acts">
            <slot name="acts" />
            <ElButton @click="emit('leave')">{{ leave }}</ElButton>
        </div>
    </section>
</template>

<script setup lang="ts">
import { nextTick, onBeforeMount, onBeforeUnmount, onMounted, onUnmounted, ref } from 'vue';

/** A question in the place it is about. The keyboard stands on the answer that changes nothing, and goes back where it was. */
withDefaults(defineProps<{ label: string; leave?: string }>(), { leave: 'Leave it' });
const emit = defineEmits<{ leave: [] }>();
const bar = ref<HTMLElement>();

let before: Element | null = null;
let hadKeyboard = false;

// What asked may be hidden as soon as the question is there.
onBeforeMount(() => (before = document.activeElement));
onMounted(() => bar.value?.querySelector<HTMLElement>('.acts .el-button:last-child')?.focus());
onBeforeUnmount(() => (hadKeyboard = bar.value?.contains(document.activeElement) ?? false));
// Once all that the answer changed is drawn: what asked may have been hidden meanwhile.
onUnmounted(() => void nextTick(() => hadKeyboard && before instanceof HTMLElement && before.isConnected && before.focus()));
</script>

<style scoped>
.ask {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 6px 24px;
    padding: 8px 16px;
    border-bottom: 1px solid #dcb3a8;
    background: var(--rust-tint);
    color: var(--z7);
}

p {
    flex: 1;
    min-width: 220px;
    margin: 0;
}

.acts {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
}

.acts :deep(.el-button) {
    margin: 0;
}
</style>
