<template>
    <section aria-label="What keys do">
        <ElDialog v-model="open" title="Keys" width="min(640px, 94vw)">
            <div v-for="group in SHORTCUTS" :key="group.under">
                <h3>{{ group.under }}</h3>
                <dl>
                    <template v-for="[keys, does] in group.keys" :key="keys">
                        <dt>
                            <kbd v-for="key in keys.split(' ')" :key="key">{{ key }}</kbd>
                        </dt>
                        <dd>{{ does }}</dd>
                    </template>
                </dl>
            </div>
        </ElDialog>
    </section>
</template>

<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core';
import { ref } from 'vue';
import { isWriting } from '../shared/is-writing';
import { SHORTCUTS } from './shortcuts';

const open = ref(false);

onKeyStroke('?', (event) => {
    if (isWriting(event.target)) return;
    event.preventDefault();
    open.value = !open.value;
});

defineExpose({ show: () => (open.value = true) });
</script>

<style scoped>
h3 {
    margin: 0 0 6px;
}

div + div {
    margin-top: 16px;
}

dl {
    display: grid;
    grid-template-columns: 200px 1fr;
    gap: 5px 16px;
    margin: 0;
    font-size: 13px;
}

dd {
    margin: 0;
}

kbd {
    margin-inline-end: 4px;
    padding: 1px 6px;
    border: 1px solid var(--z3);
    border-radius: var(--corner);
    background: var(--z1);
    font: inherit;
    font-size: 12px;
}
</style>
