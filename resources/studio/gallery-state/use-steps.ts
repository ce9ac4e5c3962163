import { ref, type Ref } from 'vue';
import type { Gallery } from '../api/types';
import { announce } from '../shared/announce';
import type { UseGalleryReturn } from './use-gallery';

/** ms for which it is said what was taken back. */
const SAID = 5000;

type Step = NonNullable<Gallery['undo']>;

export interface UseStepsReturn {
    /** Another person's act that undo would take back: the person is asked. */
    asked: Ref<Step | null>;
    /** What was just taken back or done again. */
    said: Ref<string>;
    undo: () => Promise<void>;
    undoTheirs: () => Promise<void>;
    redo: () => Promise<void>;
}

/** Taking acts back and doing them again, each by its name. */
export function useSteps({ gallery, flush, undo, redo }: Pick<UseGalleryReturn, 'gallery' | 'flush' | 'undo' | 'redo'>): UseStepsReturn {
    const asked = ref<Step | null>(null);
    const said = ref('');
    let timer = 0;
    let last: Promise<unknown> = Promise.resolve();

    /** One step after another, however fast the key is pressed: each means what the one before it left. */
    function inTurn(work: () => Promise<void>): Promise<void> {
        const done = last.then(work);
        last = done.catch(() => undefined);
        return done;
    }

    function tell(text: string): void {
        said.value = text;
        announce(text);
        window.clearTimeout(timer);
        timer = window.setTimeout(() => (said.value = ''), SAID);
    }

    async function takeBack(step: Step): Promise<void> {
        asked.value = null;
        if (await undo(step.entry)) tell(`Taken back: ${step.says}`);
    }

    return {
        asked,
        said,
        undo: () =>
            inTurn(async () => {
                // What was changed last may be on its way still: that is meant.
                await flush();
                const step = gallery.value?.undo;
                if (!step) return;
                if (step.by === null) await takeBack(step);
                else asked.value = step;
            }),
        undoTheirs: async () => {
            if (asked.value) await takeBack(asked.value);
        },
        redo: () =>
            inTurn(async () => {
                await flush();
                const step = gallery.value?.redo;
                if (step && (await redo())) tell(`Done again: ${step.says}`);
            }),
    };
}
