<template>
    <ol class="acts">
        <template v-for="(act, index) in acts" :key="act.id">
            <li v-if="index === 0 || dayOf(act.at) !== dayOf(acts[index - 1]?.at ?? '')" class="day">{{ dayOf(act.at) }}</li>
            <li :class="{ undone: act.undone }">
                <span class="time">{{ timeOf(act.at) }}</span>
                <div class="what">
                    <p>
                        {{ sentence(act.says) }}<span v-if="act.undone" class="note"> (taken back)</span>
                        <span v-if="act.by" class="note"> {{ act.by }}</span>
                    </p>
                    <span v-if="act.pictures?.length" class="pictures"
                        ><img v-for="picture in act.pictures" :key="picture" :src="picture" alt="" loading="lazy"
                    /></span>
                </div>
                <ElButton v-if="!act.undone && index > 0" size="small" :disabled="busy" @click="emit('back', act.id)"
                    >Go back to here<span class="unseen">: after {{ act.says }}</span></ElButton
                >
            </li>
        </template>
    </ol>
</template>

<script setup lang="ts">
/** What was done, the newest first; back to any point of it, as a new act. */
defineProps<{ acts: readonly { id: number; says: string; at: string; by: string | null; undone: boolean; pictures?: readonly string[] }[]; busy: boolean }>();
const emit = defineEmits<{ back: [entry: number] }>();

const dayOf = (at: string): string => new Date(at).toLocaleDateString(undefined, { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' });
const timeOf = (at: string): string => new Date(at).toLocaleTimeString(undefined, { hour: '2-digit', minute: '2-digit' });
const sentence = (says: string): string => says.charAt(0).toUpperCase() + says.slice(1);
</script>

<style scoped>
.day {
    padding: 14px 0 6px;
    font-weight: 600;
}

li:not(.day) {
    display: flex;
    gap: 12px;
    align-items: start;
    padding: 7px 0;
    border-top: 1px solid var(--z3);
}

.time {
    flex: 0 0 64px;
    color: var(--z5);
    font-size: 13px;
    font-variant-numeric: tabular-nums;
}

.what {
    flex: 1;
    min-width: 0;
    overflow-wrap: anywhere;
}

.undone p {
    color: var(--z5);
    text-decoration: line-through;
}

.pictures {
    display: flex;
    gap: 4px;
    margin-top: 4px;
}

.pictures img {
    width: 44px;
    height: 34px;
    object-fit: cover;
}
</style>
