<template>
    <ElEmpty class="nothing">
        <template #image
            ><ElIcon><PictureIcon /></ElIcon
        ></template>
        <template #description><slot /></template>
    </ElEmpty>
</template>

<script setup lang="ts">
/** A place where there is nothing, and what one may do about it. */
import { Picture as PictureIcon } from '@element-plus/icons-vue';
</script>

<style scoped>
.nothing {
    --el-empty-padding: 48px 20px;
    --el-empty-image-width: 36px;
    --el-empty-description-margin-top: 10px;
    --el-empty-fill-color-0: transparent;
    color: var(--z6);
    font-size: 36px;
    text-align: center;
}

.nothing :deep(.el-empty__description) {
    font-size: 13px;
    color: var(--z7);
}
</style>
