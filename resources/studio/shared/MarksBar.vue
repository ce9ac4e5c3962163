<template>
    <div class="marks" role="toolbar" aria-label="Marks">
        <ElButton size="small" :aria-pressed="editor?.isActive('bold') ?? false" aria-label="Strong" @click="editor?.chain().focus().toggleBold().run()"
            ><b>S</b></ElButton
        >
        <ElButton size="small" :aria-pressed="editor?.isActive('italic') ?? false" aria-label="Emphasis" @click="editor?.chain().focus().toggleItalic().run()"
            ><i>E</i></ElButton
        >
        <ElPopover v-model:visible="linking" trigger="click" :width="280">
            <template #reference>
                <ElButton size="small" :aria-pressed="editor?.isActive('link') ?? false" @click="address = String(editor?.getAttributes('link')['href'] ?? '')"
                    >Link</ElButton
                >
            </template>
            <form class="link" @submit.prevent="link">
                <ElInput v-model="address" aria-label="Where the link leads" placeholder="https:// or /kites" />
                <ElButton native-type="submit">Set it</ElButton>
            </form>
        </ElPopover>
        <ElButton size="small" :disabled="!editor?.isActive('link')" @click="editor?.chain().focus().unsetLink().run()">No link</ElButton>
    </div>
</template>

<script setup lang="ts">
import type { Editor } from '@tiptap/vue-3';
import { ref } from 'vue';

/** The few marks that words may have. */
const props = defineProps<{ editor: Editor | undefined }>();
const linking = ref(false);
const address = ref('');

function link(): void {
    linking.value = false;
    const to = address.value.trim();
    const chain = props.editor?.chain().focus().extendMarkRange('link');
    if (to === '') chain?.unsetLink().run();
    else chain?.setLink({ href: to }).run();
}
</script>

<style scoped>
.marks {
    display: flex;
    gap: 4px;
}

.marks .el-button {
    margin: 0;
}

.link {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 6px;
}
</style>
