<template>
    <div
        class="option"
        role="option"
        :aria-selected="chosen"
        :class="{ on: chosen }"
        @click="emit('adopt')"
        @keydown.enter.prevent="emit('adopt')"
        @keydown.space.prevent="emit('adopt')"
        @pointerenter="emit('look')"
        @focus="emit('look')"
        @blur="emit('leave')"
    >
        <slot />
    </div>
</template>

<script setup lang="ts">
/** One of what a gallery may become: pointed at or focused it shows in the proofs, pressed it is taken. */
defineProps<{ chosen: boolean }>();
const emit = defineEmits<{ adopt: []; look: []; leave: [] }>();
</script>

<style scoped>
.option {
    display: flex;
    flex: none;
    flex-direction: column;
    gap: 1px;
    width: 150px;
    padding: 0 0 6px;
    border: 1px solid var(--z3);
    border-radius: var(--corner);
    background: var(--z0);
    overflow: clip;
    cursor: pointer;
}

.option:hover,
.option:focus-visible {
    border-color: var(--z5);
}

.on {
    border-color: var(--verd);
    box-shadow: inset 0 0 0 1px var(--verd);
}

.option :slotted(b) {
    padding: 0 7px;
    font-size: 13px;
    font-weight: 600;
}
</style>
