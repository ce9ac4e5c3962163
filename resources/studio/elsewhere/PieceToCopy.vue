<template>
    <div class="piece">
        <div class="head">
            <label :for="id">{{ piece.place }}</label>
            <ElButton size="small" :aria-label="`Copy: ${piece.place}`" @click="copy">{{ copied ? 'Copied' : 'Copy' }}</ElButton>
        </div>
        <ElInput :id="id" ref="field" type="textarea" readonly :rows="rows" :model-value="piece.text" spellcheck="false" @focus="field?.select()" />
        <p class="note">{{ size }}</p>
    </div>
</template>

<script setup lang="ts">
import { useClipboard } from '@vueuse/core';
import { computed, ref, useId } from 'vue';
import { announce } from '../shared/announce';

/** Something to copy: where it belongs, and how large it is. */
const props = defineProps<{ piece: { place: string; text: string }; rows: number }>();
const id = useId();
const field = ref<{ select: () => void }>();
const { copy: toClipboard, copied } = useClipboard({ legacy: true });
const size = computed(() => {
    const bytes = new Blob([props.piece.text]).size;
    return bytes < 1024 ? `${bytes} bytes` : `${(bytes / 1024).toFixed(1)} KB`;
});

async function copy(): Promise<void> {
    await toClipboard(props.piece.text);
    announce('Copied.');
}
</script>

<style scoped>
.piece {
    display: grid;
    gap: 4px;
}

.head {
    display: flex;
    gap: 8px;
    align-items: center;
}

label {
    flex: 1;
    font-size: 13px;
    color: var(--z6);
}

.el-textarea {
    --el-input-bg-color: var(--z1);
    font:
        12px/1.5 ui-monospace,
        monospace;
}
</style>
