<template>
    <label class="field">
        <span class="label">
            {{ label }}
            <em v-if="note">{{ note }}</em>
        </span>
        <ElInput
            v-model="draft"
            :type="rows > 1 ? 'textarea' : 'text'"
            :rows="rows"
            :maxlength="longest"
            :placeholder="placeholder"
            @input="later"
            @change="flush"
            @paste="paste"
        />
        <small v-for="line in hints" :key="line" class="note" :class="{ bad }">{{ line }}</small>
    </label>
</template>

<script setup lang="ts">
import { onBeforeUnmount, ref, watch } from 'vue';
import { plainPaste } from './plain-paste';

/** ms after the last key until it is saved. */
const PAUSE = 900;

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
        /** What the text belongs to; when it changes, the old text is saved and the new one shown. */
        of: string;
    }>(),
    { rows: 1, longest: 1000, note: '', placeholder: '', hints: () => [], bad: false },
);
/** The text, and what it belongs to. */
const emit = defineEmits<{ save: [text: string, of: string] }>();
const draft = ref(props.modelValue);
let waiting: { of: string; timer: number } | undefined;

watch(
    () => props.of,
    () => {
        flush();
        draft.value = props.modelValue;
    },
    { flush: 'sync' },
);
watch(
    () => props.modelValue,
    (value) => {
        // What is being typed is newer than what the server has.
        if (!waiting) draft.value = value;
    },
);

function later(): void {
    window.clearTimeout(waiting?.timer);
    waiting = { of: waiting?.of ?? props.of, timer: window.setTimeout(flush, PAUSE) };
}

function flush(): void {
    if (!waiting) return;
    const { of, timer } = waiting;
    window.clearTimeout(timer);
    waiting = undefined;
    emit('save', draft.value, of);
}

function paste(event: ClipboardEvent): void {
    plainPaste(event, props.rows > 1);
}

onBeforeUnmount(flush);
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
