<template>
    <label class="field">
        <span class="label">
            {{ label }}
            <em v-if="note" :id="noteId">{{ note }}</em>
        </span>
        <ElInput
            v-model="draft"
            :type="rows > 1 ? 'textarea' : 'text'"
            :rows="rows"
            :maxlength="longest"
            :placeholder="placeholder"
            :aria-label="label"
            :aria-describedby="note ? noteId : undefined"
            @input="typed"
            @blur="leave"
            @paste="paste"
        />
        <small v-for="line in hints" :key="line" class="note" :class="{ bad }">{{ line }}</small>
    </label>
</template>

<script setup lang="ts">
import { onBeforeUnmount, ref, useId, watch } from 'vue';
import { useOutbox } from './use-outbox';
import { plainPaste } from '../shared/plain-paste';

const props = withDefaults(
    defineProps<{
        label: string;
        modelValue: string;
        rows?: number;
        longest?: number;
        note?: string;
        placeholder?: string;
        hints?: readonly string[];
        /** The hints tell of something wrong. */
        bad?: boolean;
        /** What the text belongs to; when it changes, the new text is shown. */
        of: string;
    }>(),
    { rows: 1, longest: 1000, note: '', placeholder: '', hints: () => [], bad: false },
);
/** The text with every key, and what it belongs to: what was typed is never only here. */
const emit = defineEmits<{ save: [text: string, of: string] }>();
const outbox = useOutbox();
const noteId = useId();
const draft = ref(props.modelValue);
let isTyping = false;

watch(
    () => props.of,
    () => {
        isTyping = false;
        draft.value = props.modelValue;
    },
);
watch(
    () => props.modelValue,
    (value) => {
        // What is being typed is newer than what is known.
        if (!isTyping) draft.value = value;
    },
);

function typed(): void {
    isTyping = true;
    emit('save', draft.value, props.of);
}

/** Left: it goes now, and what is kept is shown. */
function leave(): void {
    if (!isTyping) return;
    isTyping = false;
    outbox.hurry();
    draft.value = props.modelValue;
}

function paste(event: ClipboardEvent): void {
    plainPaste(event, props.rows > 1);
}

onBeforeUnmount(leave);
</script>

<style scoped>
.label {
    display: block;
    margin-bottom: 4px;
    font-size: 13px;
    color: var(--z6);
}

em {
    margin-left: 6px;
    font-style: normal;
    color: var(--verd);
}

small {
    display: block;
    margin-top: 3px;
}

.bad {
    color: var(--rust);
}
</style>
