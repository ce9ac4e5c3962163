<template>
    <div v-if="legibility.judged > 0" class="verdict" :class="{ bad: legibility.hard > 0 }" role="status">
        <template v-if="legibility.hard > 0">
            <p>{{ legibility.says }} {{ legibility.mends.length === 0 ? 'No ground is solid enough for these letters.' : '' }}</p>
            <div class="acts">
                <ElButton v-for="mend in legibility.mends" :key="mend.label" @click="emit('mend', mend.part)">{{ mend.label }}</ElButton>
                <ElButton @click="emit('show')">Show which</ElButton>
            </div>
        </template>
        <p v-else>{{ legibility.judged === 1 ? 'The caption' : `All ${legibility.judged} captions` }} can be read, at every width.</p>
    </div>
</template>

<script setup lang="ts">
import type { DesignPart, Legibility } from '../api/types';

defineProps<{ legibility: Legibility }>();
const emit = defineEmits<{ mend: [part: DesignPart]; show: [] }>();
</script>

<style scoped>
.verdict {
    padding: 8px 12px;
    border-left: 3px solid var(--verd);
    background: var(--verd-tint);
    font-size: 13px;
}

.bad {
    border-color: var(--rust);
    background: var(--rust-tint);
}

p {
    margin: 0;
}

.acts {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    margin-top: 8px;
}

.acts .el-button {
    margin: 0;
}
</style>
