<template>
    <div class="body">
        <span id="text-body-label" class="label">Text</span>
        <div class="marks" role="toolbar" aria-label="Marks">
            <ElButton size="small" :aria-pressed="editor?.isActive('bold') ?? false" aria-label="Strong" @click="editor?.chain().focus().toggleBold().run()"
                ><b>S</b></ElButton
            >
            <ElButton
                size="small"
                :aria-pressed="editor?.isActive('italic') ?? false"
                aria-label="Emphasis"
                @click="editor?.chain().focus().toggleItalic().run()"
                ><i>E</i></ElButton
            >
            <ElPopover v-model:visible="linking" trigger="click" :width="280">
                <template #reference>
                    <ElButton
                        size="small"
                        :aria-pressed="editor?.isActive('link') ?? false"
                        @click="address = String(editor?.getAttributes('link')['href'] ?? '')"
                        >Link</ElButton
                    >
                </template>
                <form class="link" @submit.prevent="link">
                    <ElInput v-model="address" aria-label="Where the link leads" placeholder="https://" />
                    <ElButton native-type="submit">Set it</ElButton>
                </form>
            </ElPopover>
            <ElButton size="small" :disabled="!editor?.isActive('link')" @click="editor?.chain().focus().unsetLink().run()">No link</ElButton>
        </div>
        <EditorContent :editor="editor" class="area" />
    </div>
</template>

<script setup lang="ts">
import StarterKit from '@tiptap/starter-kit';
import { EditorContent, useEditor } from '@tiptap/vue-3';
import { ref } from 'vue';
import { useOutbox } from '../outbox/use-outbox';
import { plainText } from '../shared/plain-paste';

/** The few marks that the server lets through; it cleans the text again, whatever comes. */
const props = defineProps<{ html: string }>();
const emit = defineEmits<{ save: [html: string] }>();
const linking = ref(false);
const address = ref('');

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

function link(): void {
    linking.value = false;
    const to = address.value.trim();
    const chain = editor.value?.chain().focus().extendMarkRange('link');
    if (to === '') chain?.unsetLink().run();
    else chain?.setLink({ href: to }).run();
}
</script>

<style scoped>
.label {
    font-size: 13px;
    color: var(--z6);
}

.marks {
    display: flex;
    gap: 4px;
    margin: 4px 0;
}

.marks .el-button {
    margin: 0;
}

.link {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 6px;
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
