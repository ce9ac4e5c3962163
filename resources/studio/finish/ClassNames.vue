<template>
    <details>
        <summary>Names that you can style</summary>
        <dl>
            <template v-for="{ name, says } in class_names" :key="name">
                <dt>.{{ name }}</dt>
                <dd>{{ says }}</dd>
            </template>
        </dl>
        <p class="note">For example:</p>
        <pre tabindex="0" aria-label="An example">{{ css_example }}</pre>
    </details>
</template>

<script setup lang="ts">
import { useVocabulary } from '../api/vocabulary';

const { class_names, css_example } = useVocabulary();
</script>

<style scoped>
summary {
    padding: 4px 0;
    font-size: 13px;
    cursor: pointer;
}

dl {
    display: grid;
    grid-template-columns: max-content 1fr;
    gap: 2px 10px;
    margin: 4px 0 10px;
    font-size: 12px;
}

dt,
pre {
    font-family: ui-monospace, monospace;
    font-size: 11px;
}

dd {
    margin: 0;
    color: var(--z6);
}

pre {
    margin: 4px 0 0;
    padding: 8px;
    overflow: auto;
    background: var(--z1);
    white-space: pre-wrap;
}
</style>
