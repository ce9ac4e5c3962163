<template>
    <ol ref="list" class="acts">
        <template v-for="(act, index) in acts" :key="act.id">
            <li v-if="index === 0 || dayOf(act.at) !== dayOf(acts[index - 1]?.at ?? '')" class="day">{{ dayOf(act.at) }}</li>
            <li :class="{ undone: act.undone }" tabindex="-1">
                <span class="time">{{ timeOf(act.at) }}</span>
                <div class="what">
                    <p>
                        {{ sentence(act.says) }}<span v-if="act.undone" class="note">{{ ' (taken back)' }}</span>
                        <span v-if="act.by" class="note">{{ ` · ${act.by}` }}</span>
                    </p>
                    <span v-if="act.pictures?.length" class="pictures"
                        ><img v-for="picture in act.pictures" :key="picture" :src="picture" alt="" loading="lazy"
                    /></span>
                </div>
                <ElButton v-if="!act.undone && act.id !== last" size="small" :disabled="busy" @click="emit('back', act.id)"
                    >Go back to here<span class="unseen">: after {{ act.says }}</span></ElButton
                >
            </li>
        </template>
    </ol>
    <ElButton v-if="more" @click="fetchEarlier">Earlier</ElButton>
</template>

<script setup lang="ts">
import { computed, nextTick, ref } from 'vue';
import type { ToldAct } from './use-acts';

/** What was done, the newest first; back to any point of it, as a new act. */
const props = defineProps<{
    acts: readonly ToldAct[];
    more: boolean;
    earlier: () => Promise<unknown>;
    busy: boolean;
}>();
const emit = defineEmits<{ back: [entry: number] }>();

const dayOf = (at: string): string => new Date(at).toLocaleDateString(undefined, { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' });
const timeOf = (at: string): string => new Date(at).toLocaleTimeString(undefined, { hour: '2-digit', minute: '2-digit' });
const list = ref<HTMLOListElement>();
/** Nothing was done since: all is as it was then. */
const last = computed(() => props.acts.find(({ undone }) => !undone)?.id);

/** Goes on reading where what is new begins, as the button may be gone. */
async function fetchEarlier(): Promise<void> {
    const known = list.value?.querySelectorAll('li[tabindex]').length ?? 0;
    await props.earlier();
    await nextTick();
    list.value?.querySelectorAll<HTMLElement>('li[tabindex]')[known]?.focus();
}

const sentence = (says: string): string => says.charAt(0).toUpperCase() + says.slice(1);
</script>

<style scoped>
/* Lists of acts lie on the ground of the window, which quiet grey is too light for. */
.acts {
    --quiet: var(--z6);
}

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
    color: var(--quiet);
    font-size: 13px;
    font-variant-numeric: tabular-nums;
}

.note {
    color: var(--quiet);
}

.what {
    flex: 1;
    min-width: 0;
    overflow-wrap: anywhere;
}

.undone p {
    color: var(--quiet);
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
