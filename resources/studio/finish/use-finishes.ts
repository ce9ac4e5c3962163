import { useQuery } from '@tanstack/vue-query';
import { refDebounced } from '@vueuse/core';
import { computed, toValue, type MaybeRefOrGetter, type Ref } from 'vue';
import { finishesQuery, type FinishView } from '../api/queries';
import type { Finishes, Gallery } from '../api/types';

/** ms that nothing changes until the cards are drawn anew; the proofs come first. */
const PAUSE = 400;

/** What a gallery may be dressed in, drawn on its own pictures once it stood for a while. */
export function useFinishes(
    id: MaybeRefOrGetter<string>,
    gallery: MaybeRefOrGetter<Gallery | undefined>,
    view: MaybeRefOrGetter<FinishView>,
): Ref<Finishes | undefined> {
    const settled = refDebounced(
        computed(() => toValue(gallery)?.version ?? 0),
        PAUSE,
    );
    const { data } = useQuery(computed(() => ({ ...finishesQuery(toValue(id), settled.value, toValue(view)), enabled: settled.value > 0 })));

    return data;
}
