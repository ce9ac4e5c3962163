<template>
    <label class="text">
        <span>{{ label }}</span>
        <ElInput
            v-model="draft"
            :type="lines > 1 ? 'textarea' : 'text'"
            :rows="lines"
            :maxlength="longest"
            :aria-label="label"
            :input-style="lines > 1 ? { fontFamily: 'ui-monospace, monospace', fontSize: '12px' } : {}"
            spellcheck="false"
            @change="keep"
        />
        <small v-if="allowed" class="note">{{ allowed }}</small>
    </label>
</template>

<script setup lang="ts">
import { useEcho } from '../shared/use-echo';

/** Text of a setting, kept once it is left; while it is written it need not be right yet. */
const props = defineProps<{ label: string; modelValue: string; longest: number; lines: number; allowed: string }>();
const emit = defineEmits<{ 'update:modelValue': [text: string] }>();
const draft = useEcho(() => props.modelValue);

function keep(): void {
    const text = props.lines > 1 ? draft.value : draft.value.trim();
    if (text !== props.modelValue) emit('update:modelValue', text);
}
</script>

<style scoped>
.text {
    display: grid;
    gap: 4px;
    font-size: 13px;
    color: var(--z6);
}
</style>
