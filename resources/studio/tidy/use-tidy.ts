import { useQuery, useQueryClient } from '@tanstack/vue-query';
import { useDebounceFn } from '@vueuse/core';
import { computed, onBeforeUnmount, reactive, ref, watch, type ComputedRef, type Ref } from 'vue';
import { api, messageOf } from '../api/client';
import { pictureQuery } from '../api/queries';
import type { Crop, PictureDetails, Recipe, TidyPart } from '../api/types';
import type { Place } from '../outbox/entries';
import { useOutbox } from '../outbox/use-outbox';
import { sent, WHOLE } from './crop';

/** ms after the last change until it is sent: every saved recipe makes all renditions anew. */
const PAUSE = 1200;

/** ms between two pictures asked for while a slider moves. */
const RENDER_PAUSE = 90;

interface Draft extends Omit<Recipe, 'crop'> {
    crop: Crop;
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
    state: ComputedRef<'saved' | 'waiting' | 'saving'>;
    problem: Ref<string>;
    /** What was changed in this sitting: only that is applied to others. */
    touched: ComputedRef<TidyPart>;
    moveFocal: (focal: [number, number] | null) => void;
    reset: () => void;
    applyTo: (others: string[]) => Promise<boolean>;
}

const NONE: Recipe = { turn: 0, straighten: 0, crop: null, brightness: 0, contrast: 0, words: false, free: false };

/**
 * A picture being tidied: shown as libvips makes it, saved by itself.
 *
 * @param gallery whose act it is; null for the store, where it is nobody's but the picture's
 */
export function useTidy(id: string, gallery: string | null): UseTidyReturn {
    const queries = useQueryClient();
    const outbox = useOutbox();
    const place: Place = gallery === null ? `picture:${id}` : `gallery:${gallery}`;
    const { data: picture } = useQuery(pictureQuery(id));
    const draft = reactive<Draft>({ ...NONE, crop: { ...WHOLE }, focal: [0.5, 0.5] });
    const problem = ref('');
    const shown = ref('');
    const keys = reactive(new Set<keyof Recipe>());
    let last: Recipe | null = null;
    const focalMoved = ref(false);

    const recipe = computed<Recipe>(() => ({
        turn: draft.turn,
        straighten: draft.straighten,
        crop: sent(draft.crop),
        brightness: draft.brightness,
        contrast: draft.contrast,
        words: draft.words,
        free: draft.free,
    }));
    const touched = computed<TidyPart>(() => Object.fromEntries([...keys].map((key) => [key, recipe.value[key]])));
    const state = computed(() => {
        const waiting = outbox.of(place);
        if (waiting.length === 0) return 'saved';
        return waiting.some(({ id: entry }) => entry === outbox.sending) ? 'saving' : 'waiting';
    });

    const address = (wanted: Recipe): string => `/studio/api/pictures/${id}/tidied?recipe=${encodeURIComponent(JSON.stringify(wanted))}`;
    const outcome = computed(() => address(recipe.value));

    function take(details: PictureDetails): void {
        const crop = details.recipe.crop ?? WHOLE;
        Object.assign(draft, details.recipe, { crop: { ...crop } });
        draft.focal = [crop.left + details.focal[0] * crop.width, crop.top + details.focal[1] * crop.height];
        last = { ...recipe.value };
    }

    watch(
        picture,
        (details) => {
            if (details && last === null) take(details);
        },
        { immediate: true },
    );

    const render = useDebounceFn((wanted: Recipe) => (shown.value = address(wanted)), RENDER_PAUSE, { maxWait: 3 * RENDER_PAUSE });
    watch(
        () => JSON.stringify({ ...recipe.value, crop: null, words: false }),
        (wanted) => void render(JSON.parse(wanted) as Recipe),
        { immediate: true },
    );
    watch(recipe, (now) => {
        if (last === null) return;
        let other = false;
        for (const key of Object.keys(now) as (keyof Recipe)[]) {
            if (JSON.stringify(now[key]) === JSON.stringify(last[key])) continue;
            keys.add(key);
            other = true;
        }
        last = { ...now };
        if (other) save();
    });

    /** With every change: it waits in the outbox until it stands still. */
    function save(): void {
        const focal = focalMoved.value ? { focal: focalSent() } : {};
        const done =
            gallery === null
                ? outbox.changePicture(id, { recipe: recipe.value, ...focal }, PAUSE)
                : outbox.change(gallery, { kind: 'tidy', pictures: { [id]: { ...touched.value, ...focal } } }, PAUSE);
        void done.then((is) => is && void queries.invalidateQueries({ queryKey: pictureQuery(id).queryKey }));
    }

    /** On what the crop leaves. */
    function focalSent(): [number, number] {
        const within = (value: number): number => Math.max(0, Math.min(1, value));
        return [within((draft.focal[0] - draft.crop.left) / draft.crop.width), within((draft.focal[1] - draft.crop.top) / draft.crop.height)];
    }

    /** Where the finder would put it; it is moved there as a person would. */
    async function findFocal(): Promise<void> {
        problem.value = '';
        try {
            const { focal } = await api.get<{ focal: [number, number] }>(`pictures/${id}/focal?recipe=${encodeURIComponent(JSON.stringify(recipe.value))}`);
            moveFocal([draft.crop.left + focal[0] * draft.crop.width, draft.crop.top + focal[1] * draft.crop.height]);
        } catch (error) {
            problem.value = messageOf(error);
        }
    }

    function moveFocal(focal: [number, number] | null): void {
        if (focal === null) {
            void findFocal();
            return;
        }
        draft.focal = focal;
        focalMoved.value = true;
        save();
    }

    onBeforeUnmount(() => outbox.hurry());

    return {
        picture,
        draft,
        shown,
        outcome,
        before: computed(() => address(NONE)),
        state,
        problem,
        touched,
        moveFocal,
        reset: () => Object.assign(draft, NONE, { crop: { ...WHOLE } }),
        applyTo: async (others) => {
            if (gallery !== null) return outbox.change(gallery, { kind: 'tidy', pictures: Object.fromEntries(others.map((other) => [other, touched.value])) });
            try {
                await api.post('pictures/tidy', { pictures: others, recipe: touched.value });
                for (const queryKey of [['gallery'], ['galleries'], ['store'], ['picture']]) void queries.invalidateQueries({ queryKey });
                return true;
            } catch (error) {
                problem.value = messageOf(error);
                return false;
            }
        },
    };
}
