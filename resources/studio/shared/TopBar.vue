<template>
    <header class="top">
        <RouterLink class="brand" :to="{ name: 'galleries' }">
            <span class="mark" aria-hidden="true"><i /><i /><i /><i /></span>
            <span class="name">Zinc Pane</span>
        </RouterLink>
        <nav aria-label="Studio">
            <RouterLink :to="{ name: 'galleries' }">Galleries</RouterLink>
            <RouterLink :to="{ name: 'store' }">Pictures</RouterLink>
            <RouterLink :to="{ name: 'site' }">Site</RouterLink>
        </nav>
        <slot />
    </header>
</template>

<style scoped>
.top {
    display: flex;
    align-items: center;
    gap: 14px;
    height: 52px;
    padding: 0 16px;
    background: var(--z7);
    color: #fff;
}

.brand {
    display: flex;
    align-items: center;
    gap: 12px;
    color: #fff;
    text-decoration: none;
}

nav {
    display: flex;
    gap: 4px;
}

nav a {
    padding: 6px 8px;
    border-radius: var(--corner);
    color: #c5d1d6;
    text-decoration: none;
}

nav a:hover {
    background: #333f46;
}

nav a.router-link-active {
    color: #fff;
    box-shadow: inset 0 -2px var(--z4);
}

.top :deep(:focus-visible) {
    outline-color: var(--primer);
}

/* Buttons that are not the one that matters. */
.top :deep(.quiet) {
    --el-button-bg-color: transparent;
    --el-button-border-color: #4a5860;
    --el-button-text-color: #dfe7ea;
    --el-button-hover-bg-color: #333f46;
    --el-button-hover-text-color: #fff;
    --el-button-hover-border-color: #6d7d86;
}

.mark {
    display: grid;
    grid-template: 7px 10px / 10px 7px;
    gap: 2px;
}

.mark i {
    background: var(--z4);
}

.mark i:nth-child(2) {
    background: var(--primer);
}

.name {
    font-size: 16px;
    font-weight: 700;
    font-stretch: 80%;
    letter-spacing: 0.02em;
}

@media (width < 900px) {
    .top {
        flex-wrap: wrap;
        gap: 6px 8px;
        height: auto;
        min-height: 52px;
        padding: 6px 12px;
    }

    /* Read out still: it names the link. */
    .name {
        position: absolute;
        width: 1px;
        height: 1px;
        overflow: hidden;
        clip-path: inset(50%);
    }
}
</style>
