<template>
    <main class="door">
        <slot />
    </main>
</template>

<style scoped>
.door {
    display: grid;
    place-items: center;
    min-height: 100vh;
    padding: 24px;
    background: var(--z7);
}

.door :deep(form) {
    display: grid;
    gap: 16px;
    width: min(360px, 100%);
    padding: 28px;
    border-radius: var(--corner);
    border-top: 4px solid var(--z4);
    background: var(--z0);
}

.door :deep(h1) {
    font-size: 22px;
    font-stretch: 80%;
    font-weight: 700;
}

.door :deep(label > span) {
    display: block;
    margin-bottom: 4px;
    font-size: 13px;
    color: var(--z6);
}
</style>
