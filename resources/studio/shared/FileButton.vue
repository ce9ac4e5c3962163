<template>
    <ElButton ref="button" :type="primary ? 'primary' : ''" :disabled="disabled" @click="input?.click()"><slot /></ElButton>
    <!-- The only way to a file; it is pressed by the button, which has the focus before and after. -->
    <input
        ref="input"
        class="unseen"
        type="file"
        :multiple="multiple"
        :accept="accept"
        :webkitdirectory="folder || undefined"
        :aria-label="label"
        tabindex="-1"
        @change="chosen"
        @cancel="back"
    />
</template>

<script setup lang="ts">
import { ref } from 'vue';

withDefaults(defineProps<{ label: string; accept?: string; multiple?: boolean; folder?: boolean; primary?: boolean; disabled?: boolean }>(), {
    accept: undefined,
    multiple: false,
    folder: false,
    primary: false,
    disabled: false,
});
const emit = defineEmits<{ choose: [files: File[]] }>();
const button = ref<{ $el: HTMLElement }>();
const input = ref<HTMLInputElement>();

function back(): void {
    button.value?.$el.focus();
}

function chosen(event: Event): void {
    const field = event.target as HTMLInputElement;
    const files = [...(field.files ?? [])];
    field.value = '';
    back();
    if (files.length > 0) emit('choose', files);
}
</script>
