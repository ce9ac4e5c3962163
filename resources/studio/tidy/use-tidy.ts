import { useQuery, useQueryClient } from '@tanstack/vue-query';
import { useDebounceFn } from '@vueuse/core';
import { computed, onBeforeUnmount, reactive, ref, watch, type ComputedRef, type Ref } from 'vue';
import { api, messageOf } from '../api/client';
import { pictureQuery } from '../api/queries';
import type { Crop, PictureDetails, Recipe } from '../api/types';
import { sent, WHOLE } from './crop';

/** ms after the last change until it is saved: every saved recipe makes all renditions anew. */
const PAUSE = 1200;

/** ms between two pictures asked for while a slider moves. */
const RENDER_PAUSE = 90;

export interface Draft {
    turn: number;
    straighten: number;
    crop: Crop;
    brightness: number;
    contrast: number;
    /** On the uncropped picture. */
    focal: [number, number];
}

export interface UseTidyReturn {
    picture: Ref<PictureDetails | undefined>;
    draft: Draft;
    /** Address of the picture as it would be but for the crop. */
    shown: Ref<string>;
    /** Address of the outcome. */
    outcome: ComputedRef<string>;
    /** Address of the picture as it came. */
    before: ComputedRef<string>;
    state: Ref<'saved' | 'waiting' | 'saving'>;
    problem: Ref<string>;
    recipe: ComputedRef<Recipe>;
    moveFocal: (focal: [number, number] | null) => void;
    reset: () => void;
    flush: () => Promise<void>;
    applyTo: (others: string[]) => Promise<boolean>;
}

const NONE: Recipe = { turn: 0, straighten: 0, crop: null, brightness: 0, contrast: 0 };

/** A picture being tidied: shown as libvips makes it, saved by itself. */
export function useTidy(id: string): UseTidyReturn {
    const queries = useQueryClient();
    const { data: picture } = useQuery(pictureQuery(id));
    const draft = reactive<Draft>({ turn: 0, straighten: 0, crop: { ...WHOLE }, brightness: 0, contrast: 0, focal: [0.5, 0.5] });
    const state = ref<'saved' | 'waiting' | 'saving'>('saved');
    const problem = ref('');
    const shown = ref('');
    let known = false;
    let focalMoved = false;
    let timer = 0;

    const recipe = computed<Recipe>(() => ({
        turn: draft.turn,
        straighten: draft.straighten,
        crop: sent(draft.crop),
        brightness: draft.brightness,
        contrast: draft.contrast,
    }));

    const address = (wanted: Recipe): string => `/studio/api/pictures/${id}/tidied?recipe=${encodeURIComponent(JSON.stringify(wanted))}`;
    const outcome = computed(() => address(recipe.value));

    function take(details: PictureDetails): void {
        const crop = details.recipe.crop ?? WHOLE;
        Object.assign(draft, details.recipe, { crop: { ...crop } });
        draft.focal = [crop.left + details.focal[0] * crop.width, crop.top + details.focal[1] * crop.height];
    }

    watch(
        picture,
        (details) => {
            if (details && !known) {
                known = true;
                take(details);
            }
        },
        { immediate: true },
    );

    const render = useDebounceFn((wanted: Recipe) => (shown.value = address(wanted)), RENDER_PAUSE, { maxWait: 3 * RENDER_PAUSE });
    watch(
        () => JSON.stringify({ ...recipe.value, crop: null }),
        (wanted) => void render(JSON.parse(wanted) as Recipe),
        { immediate: true },
    );
    watch(recipe, (now, then) => {
        if (known && picture.value && JSON.stringify(now) !== JSON.stringify(then) && JSON.stringify(now) !== JSON.stringify(picture.value.recipe)) later();
    });

    function later(): void {
        state.value = 'waiting';
        window.clearTimeout(timer);
        timer = window.setTimeout(() => void flush(), PAUSE);
    }

    async function flush(): Promise<void> {
        if (state.value !== 'waiting') return;
        window.clearTimeout(timer);
        state.value = 'saving';
        problem.value = '';
        try {
            let fresh = await api.patch<PictureDetails>(`pictures/${id}`, { recipe: recipe.value });
            if (focalMoved) fresh = await api.patch<PictureDetails>(`pictures/${id}`, { focal: focalSent() });
            focalMoved = false;
            spread(fresh);
            state.value = 'saved';
        } catch (error) {
            problem.value = messageOf(error);
            state.value = 'waiting';
        }
    }

    /** On what the crop leaves. */
    function focalSent(): [number, number] {
        const within = (value: number): number => Math.max(0, Math.min(1, value));
        return [within((draft.focal[0] - draft.crop.left) / draft.crop.width), within((draft.focal[1] - draft.crop.top) / draft.crop.height)];
    }

    function spread(fresh: PictureDetails): void {
        queries.setQueryData(pictureQuery(id).queryKey, fresh);
        for (const queryKey of [['gallery'], ['galleries'], ['store']]) void queries.invalidateQueries({ queryKey });
    }

    async function findFocal(): Promise<void> {
        problem.value = '';
        try {
            const fresh = await api.patch<PictureDetails>(`pictures/${id}`, { focal: null });
            spread(fresh);
            draft.focal = [draft.crop.left + fresh.focal[0] * draft.crop.width, draft.crop.top + fresh.focal[1] * draft.crop.height];
        } catch (error) {
            problem.value = messageOf(error);
        }
    }

    onBeforeUnmount(() => void flush());

    return {
        picture,
        draft,
        shown,
        outcome,
        before: computed(() => address(NONE)),
        state,
        problem,
        recipe,
        moveFocal: (focal) => {
            if (focal === null) {
                void findFocal();
                return;
            }
            draft.focal = focal;
            focalMoved = true;
            later();
        },
        reset: () => Object.assign(draft, NONE, { crop: { ...WHOLE } }),
        flush,
        applyTo: async (others) => {
            await flush();
            try {
                await api.post('pictures/tidy', { pictures: others, recipe: recipe.value });
                for (const queryKey of [['gallery'], ['galleries'], ['store'], ['picture']]) void queries.invalidateQueries({ queryKey });
                return true;
            } catch (error) {
                problem.value = messageOf(error);
                return false;
            }
        },
    };
}
