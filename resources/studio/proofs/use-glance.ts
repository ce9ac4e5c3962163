import { useQuery } from '@tanstack/vue-query';
import { refDebounced } from '@vueuse/core';
import { computed, ref, type ComputedRef, type Ref } from 'vue';
import { previewQuery } from '../api/queries';
import type { DesignPart, Gallery, LaidOutNow, Proof } from '../api/types';

/** ms that one must be looked at before its proof is fetched. */
const GLANCE = 120;

export interface UseGlanceReturn {
    /** What is looked at and was not adopted yet; null for the gallery as it is. */
    looked: Ref<DesignPart | null>;
    /** What the proofs show. */
    markup: ComputedRef<Pick<Proof, 'html' | 'css'>>;
}

/** What the proofs of a gallery show: the gallery as it is, or what is looked at. */
export function useGlance(gallery: Ref<Gallery | undefined>, laidOut: Ref<LaidOutNow | undefined>): UseGlanceReturn {
    const looked = ref<DesignPart | null>(null);
    const glanced = refDebounced(looked, GLANCE);
    const { data: proof } = useQuery(
        computed(() => ({ ...previewQuery(gallery.value?.id ?? '', gallery.value?.version ?? 0, glanced.value ?? {}), enabled: glanced.value !== null })),
    );
    const markup = computed(() => (looked.value !== null && glanced.value === looked.value && proof.value) || laidOut.value?.proof || { html: '', css: '' });

    return { looked, markup };
}
