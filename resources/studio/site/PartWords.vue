<template>
    <div class="words" :class="[part.kind, `level-${part.level}`]">
        <EditorContent :editor="editor" />
        <MarksBar v-if="editor && focused" :editor="editor" class="marks" @mousedown.prevent />
    </div>
</template>

<script setup lang="ts">
import StarterKit from '@tiptap/starter-kit';
import { EditorContent, useEditor } from '@tiptap/vue-3';
import { nextTick, ref, watch } from 'vue';
import { plainText } from '../shared/plain-paste';
import MarksBar from '../shared/MarksBar.vue';
import type { DraftPart } from './parts';

/** The words of one part; Enter goes on in a part of its own. */
const props = defineProps<{ part: DraftPart; label: string }>();
const emit = defineEmits<{ change: [html: string]; split: [before: string, after: string]; merge: [] }>();
const focused = ref(false);
const isList = props.part.kind === 'list';

const wrapped = (html: string): string => (isList ? (props.part.ordered ? `<ol>${html}</ol>` : `<ul>${html}</ul>`) : `<p>${html}</p>`);

/** What is inside of the one element that a part is. */
function inner(html: string): string[] {
    const shown = new DOMParser().parseFromString(html, 'text/html').body;
    return [...shown.children].map((element) => element.innerHTML.replace(/<\/?p>/g, ''));
}

const editor = useEditor({
    content: wrapped(props.part.html),
    extensions: [
        StarterKit.configure({
            heading: false,
            bulletList: isList ? {} : false,
            orderedList: isList ? {} : false,
            listItem: isList ? {} : false,
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
        attributes: { role: 'textbox', 'aria-multiline': 'true', 'aria-label': props.label },
        transformPastedText: (text) => plainText(text, isList),
        handleKeyDown: (_, event) => {
            if (event.key === 'Enter' && !event.shiftKey && !isList) {
                void split();
                return true;
            }
            if (event.key === 'Backspace' && editor.value?.isEmpty) {
                emit('merge');
                return true;
            }
            return false;
        },
    },
    onUpdate: ({ editor: now }) => emit('change', inner(now.getHTML()).join(isList ? '' : '<br>')),
    onFocus: () => (focused.value = true),
    onBlur: () => (focused.value = false),
});

async function split(): Promise<void> {
    await nextTick();
    const now = editor.value;
    if (!now) return;
    now.commands.splitBlock();
    const [before = '', ...after] = inner(now.getHTML());
    now.commands.setContent(`<p>${before}</p>`, { emitUpdate: false });
    emit('split', before, after.join('<br>'));
}

// Changed by somebody else, or taken back.
watch(
    () => props.part.html,
    (html) => {
        if (editor.value && inner(editor.value.getHTML()).join(isList ? '' : '<br>') !== html && !editor.value.isFocused)
            editor.value.commands.setContent(wrapped(html), { emitUpdate: false });
    },
);

// Its number is another once parts were moved.
watch(
    () => props.label,
    (label) => editor.value?.view.dom.setAttribute('aria-label', label),
);

defineExpose({ focus: () => editor.value?.commands.focus('start') });
</script>

<style scoped>
.words {
    display: grid;
    gap: 6px;
    min-width: 0;
}

.words :deep([role='textbox']) {
    padding: 5px 8px;
    border: 1px solid transparent;
    border-radius: var(--corner);
    outline-offset: 0;
}

.words :deep([role='textbox']:is(:hover, :focus)) {
    border-color: var(--z3);
    background: var(--z0);
}

.words :deep(:is(ul, ol)) {
    padding-inline-start: 20px;
    list-style: disc;
}

.words :deep(ol) {
    list-style: decimal;
}

.heading {
    font-size: 17px;
    font-weight: 600;
}

.heading.level-1 {
    font-size: 22px;
}

.heading.level-3 {
    font-size: 15px;
}

.lead {
    font-size: 16px;
    color: var(--z6);
}
</style>
