<template>
    <div class="picture">
        <span>{{ label }}</span>
        <span class="acts">
            <img v-if="picture?.thumbnail" :src="picture.thumbnail" alt="" />
            <ElButton @click="open = true">{{ modelValue ? 'Another…' : 'Choose…' }}</ElButton>
            <ElButton v-if="modelValue" @click="emit('update:modelValue', '')">None</ElButton>
        </span>
        <ElDrawer v-model="open" :title="label" size="460px">
            <PicturePick v-if="open" @take="take" />
        </ElDrawer>
    </div>
</template>

<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query';
import { computed, ref } from 'vue';
import { pictureQuery } from '../api/queries';
import PicturePick from '../store/PicturePick.vue';

/** One of the store's pictures, or none. */
const props = defineProps<{ label: string; modelValue: string }>();
const emit = defineEmits<{ 'update:modelValue': [id: string] }>();
const open = ref(false);
const { data: picture } = useQuery(computed(() => ({ ...pictureQuery(props.modelValue), enabled: props.modelValue !== '' })));

function take(id: string): void {
    open.value = false;
    emit('update:modelValue', id);
}
</script>

<style scoped>
.picture,
.acts {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: 6px;
    font-size: 13px;
    color: var(--z6);
}

img {
    width: 44px;
    height: 32px;
    object-fit: cover;
}

.acts .el-button {
    margin: 0;
}
</style>
