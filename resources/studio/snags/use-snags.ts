import { useQuery } from '@tanstack/vue-query';
import { refDebounced } from '@vueuse/core';
import { computed, type ComputedRef, type MaybeRefOrGetter, toValue } from 'vue';
import { snagsQuery, type SnagDepth } from '../api/queries';
import type { Gallery, SnagList } from '../api/types';

/** ms without a change: the proof comes first. */
const PAUSE = 250;

/** What visitors of a gallery would trip over, looked for anew with every change. */
export function useSnags(gallery: MaybeRefOrGetter<Gallery | undefined>, depth: SnagDepth = 'found'): ComputedRef<SnagList | undefined> {
    const stamp = refDebounced(
        computed(() => toValue(gallery)?.stamp),
        PAUSE,
    );
    const { data } = useQuery(computed(() => snagsQuery(toValue(gallery)?.id ?? '', stamp.value, depth)));
    return computed(() => data.value);
}
