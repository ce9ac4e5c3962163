import { useQuery } from '@tanstack/vue-query';
import { refDebounced } from '@vueuse/core';
import { computed, toValue, type ComputedRef, type MaybeRefOrGetter, type Ref } from 'vue';
import { snagsQuery, type SnagDepth } from '../api/queries';
import type { Gallery, SnagList } from '../api/types';

/** ms without a change: the proof comes first. */
const PAUSE = 250;

export interface UseSnagsReturn {
    found: ComputedRef<SnagList | undefined>;
    /** Why they cannot be told. */
    error: Ref<Error | null>;
}

/** What visitors of a gallery would trip over, looked for anew with every change. */
export function useSnags(gallery: MaybeRefOrGetter<Gallery | undefined>, depth: SnagDepth = 'found'): UseSnagsReturn {
    const stamp = refDebounced(
        computed(() => toValue(gallery)?.stamp),
        PAUSE,
    );
    const { data, error } = useQuery(computed(() => snagsQuery(toValue(gallery)?.id ?? '', stamp.value, depth)));
    return { found: computed(() => data.value), error };
}
