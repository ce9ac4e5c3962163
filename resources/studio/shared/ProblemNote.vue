<template>
    <p class="problem" role="alert"><slot /></p>
</template>

<style scoped>
.problem {
    padding: 8px 12px;
    border: 1px solid #dcb3a8;
    border-radius: var(--corner);
    background: var(--rust-tint);
    color: var(--rust);
}
</style>
