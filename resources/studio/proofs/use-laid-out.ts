import { useQuery, useQueryClient } from '@tanstack/vue-query';
import { computed, onBeforeUnmount, toValue, watch, type MaybeRefOrGetter, type Ref } from 'vue';
import { galleryQuery, laidOutQuery } from '../api/queries';
import type { GalleryChanged, LaidOutNow } from '../api/types';
import { useOutbox } from '../outbox/use-outbox';

/**
 * The proof of a gallery with its measures. While it is shown, every answer to a change brings it along;
 * what changes otherwise is asked for.
 */
export function useLaidOut(id: MaybeRefOrGetter<string>): Ref<LaidOutNow | undefined> {
    const queries = useQueryClient();
    const outbox = useOutbox();
    const key = (): string[] => ['laid-out', toValue(id)];
    const known = (): LaidOutNow | undefined => queries.getQueryData<LaidOutNow>(key());
    const { data } = useQuery(computed(() => laidOutQuery(toValue(id), known)));
    const { data: gallery } = useQuery(computed(() => galleryQuery(toValue(id))));
    /** The state of the gallery that the proof is of. */
    let stamp = gallery.value?.stamp;

    function take({ id: of, version, stamp: fresh, laid_out: laidOut }: GalleryChanged): void {
        if (of !== toValue(id) || !laidOut) return;
        stamp = fresh;
        queries.setQueryData(key(), { ...laidOut, version, proof: { ...laidOut.proof, html: laidOut.proof.html ?? known()?.proof.html ?? '' } });
    }

    watch(
        () => gallery.value?.stamp,
        (fresh, before) => {
            if (before !== undefined && fresh !== stamp) void queries.invalidateQueries({ queryKey: key() });
            stamp = fresh;
        },
        // After an answer was taken, which brings both.
        { flush: 'post' },
    );
    watch(data, (now) => (outbox.shows = now?.proof.key ?? ''), { immediate: true });
    outbox.onAnswer.add(take);
    onBeforeUnmount(() => {
        outbox.onAnswer.delete(take);
        outbox.shows = null;
    });

    return data;
}
