<template>
    <ElCollapseItem :name="name">
        <template #title>
            <span class="title">
                <b>{{ name }}</b>
                <span>{{ brief }}</span>
            </span>
        </template>
        <slot />
    </ElCollapseItem>
</template>

<script setup lang="ts">
/** A part of a panel that says in one line how it stands, and opens. */
defineProps<{ name: string; brief: string }>();
</script>

<style scoped>
.title {
    display: grid;
    min-width: 0;
    padding: 6px 0;
    line-height: 1.3;
    text-align: left;
}

b {
    font-size: 14px;
    font-weight: 600;
    color: var(--z8);
}

.title > span {
    overflow: hidden;
    font-size: 12px;
    text-overflow: ellipsis;
    color: var(--z5);
    white-space: nowrap;
}
</style>
