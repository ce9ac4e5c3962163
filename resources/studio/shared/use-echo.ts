import { ref, watch, type Ref } from 'vue';

const refusals = ref(0);

/** What was shown before its time came to nothing: every control goes back to what is kept. */
export function takeBack(): void {
    refusals.value++;
}

/** What a control shows: at once what was asked for, then what is kept, whatever that became. */
export function useEcho<T>(kept: () => T): Ref<T> {
    const shown = ref(kept()) as Ref<T>;
    watch([kept, refusals], () => (shown.value = kept()));
    return shown;
}
