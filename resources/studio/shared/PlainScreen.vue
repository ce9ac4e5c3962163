<template>
    <TopBar>
        <AccountMenu />
    </TopBar>
    <main class="plain">
        <h1>{{ title }}</h1>
        <slot />
    </main>
</template>

<script setup lang="ts">
import AccountMenu from './AccountMenu.vue';
import TopBar from './TopBar.vue';

defineProps<{ title: string }>();
</script>

<style scoped>
.plain {
    display: grid;
    gap: 16px;
    max-width: 880px;
    margin: 0 auto;
    padding: 24px;
}

h1 {
    font-size: 22px;
    font-stretch: 90%;
}

.plain :deep(section) {
    display: grid;
    gap: 12px;
    padding: 16px 20px 20px;
    border: 1px solid var(--z3);
    border-radius: var(--corner);
    background: var(--z0);
}

.plain :deep(form) {
    display: grid;
    gap: 12px;
    justify-items: start;
}

.plain :deep(label > span) {
    display: block;
    margin-bottom: 4px;
    font-size: 13px;
    color: var(--z6);
}

.plain :deep(.el-input) {
    width: min(340px, 76vw);
}

.plain :deep(.rows > li) {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 4px 16px;
    padding: 8px 0;
    border-top: 1px solid var(--z2);
}

.plain :deep(.rows .what) {
    flex: 1 1 240px;
    overflow-wrap: anywhere;
}
</style>
