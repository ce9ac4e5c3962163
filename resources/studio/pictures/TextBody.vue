<template>
    <div class="body">
        <span id="text-body-label" class="label">Text</span>
        <MarksBar :editor="editor" />
        <EditorContent :editor="editor" class="area" />
    </div>
</template>

<script setup lang="ts">
import StarterKit from '@tiptap/starter-kit';
import { EditorContent, useEditor } from '@tiptap/vue-3';
import { useOutbox } from '../outbox/use-outbox';
import { plainText } from '../shared/plain-paste';
import MarksBar from '../shared/MarksBar.vue';

/** The few marks that the server lets through; it cleans the text again, whatever comes. */
const props = defineProps<{ html: string }>();
const emit = defineEmits<{ save: [html: string] }>();

const editor = useEditor({
    content: props.html,
    extensions: [
        StarterKit.configure({
            heading: false,
            bulletList: false,
            orderedList: false,
            listItem: false,
            listKeymap: false,
            blockquote: false,
            code: false,
            codeBlock: false,
            horizontalRule: false,
            strike: false,
            underline: false,
            link: { openOnClick: false, autolink: false, protocols: ['https', 'http', 'mailto'] },
        }),
    ],
    editorProps: {
        attributes: { role: 'textbox', 'aria-multiline': 'true', 'aria-labelledby': 'text-body-label' },
        transformPastedText: (text) => plainText(text, true),
    },
    onUpdate: ({ editor: now }) => emit('save', now.getHTML()),
    onBlur: () => useOutbox().hurry(),
});
</script>

<style scoped>
.label {
    font-size: 13px;
    color: var(--z6);
}

.marks {
    margin: 4px 0;
}

.area :deep([role='textbox']) {
    min-height: 120px;
    max-height: 280px;
    padding: 8px 10px;
    border: 1px solid var(--z4);
    border-radius: var(--corner);
    overflow: auto;
}

.area :deep(p) {
    margin-bottom: 8px;
}
</style>
