<template>
    <section class="clash" role="alert" aria-label="Changed in another window too">
        <p><b>Another window changed the same.</b> Nothing was overwritten; choose what is to stand.</p>
        <ul>
            <li v-for="value in clash.values" :key="value.path">
                <span
                    >{{ value.label }}<template v-if="value.of"> of “{{ value.of }}”</template></span
                >
                <span
                    >here <b>{{ value.mine }}</b></span
                >
                <span
                    >there <b>{{ value.theirs }}</b></span
                >
            </li>
        </ul>
        <div class="acts">
            <ElButton @click="emit('settle', 'mine')">Take mine</ElButton>
            <ElButton @click="emit('settle', 'theirs')">Leave theirs</ElButton>
        </div>
    </section>
</template>

<script setup lang="ts">
import type { Clash } from '../gallery-state/use-gallery';

defineProps<{ clash: Clash }>();
const emit = defineEmits<{ settle: [keep: 'mine' | 'theirs'] }>();
</script>

<style scoped>
.clash {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 6px 24px;
    padding: 8px 16px;
    border-bottom: 1px solid #dcb3a8;
    background: var(--rust-tint);
    color: var(--rust);
}

ul {
    flex: 1;
    min-width: 260px;
    color: var(--z7);
}

li {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 20px;
}

.acts {
    display: flex;
    gap: 8px;
}
</style>
