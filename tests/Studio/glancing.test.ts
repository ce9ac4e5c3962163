import { screen } from '@testing-library/vue';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick, ref } from 'vue';
import type { DesignPart, FinishCard, Finishes, Gallery, LaidOutNow } from '../../resources/studio/api/types';
import FinishStrip from '../../resources/studio/finish/FinishStrip.vue';
import { useFinishes } from '../../resources/studio/finish/use-finishes';
import { useGlance } from '../../resources/studio/proofs/use-glance';
import { galleryOf, meet, serve, within, type Asked } from './support';

const card = (key: string): FinishCard => ({
    key,
    name: `Finish ${key}`,
    says: 'as it was',
    source: 'shipped',
    part: { finish: { named: key } },
    chosen: false,
    follows: true,
    html: '<ul><li></li></ul>',
    css: '',
});

const answer = (...keys: string[]): Finishes => ({
    page: { text: '#1b2a30', ground: '#fffdf8', font: 'serif', colours: [], part: {} },
    cards: keys.map(card),
});

/** A few rounds in which what waits for nothing but a promise comes to its end. */
const settle = async (ms: number): Promise<void> => {
    await vi.advanceTimersByTimeAsync(ms);
    await nextTick();
};

afterEach(() => vi.useRealTimers());

describe('cards of finishes', () => {
    beforeEach(() => vi.useFakeTimers());

    it('are drawn once for a whole drag of a slider, after the last of its steps', async () => {
        const sent = serve({ finishes: () => answer('a') });
        const version = ref(1);
        const { given } = within(() => useFinishes('g1', () => galleryOf([], { version: version.value }), 'finishes'));
        await settle(10);
        expect(sent).toHaveLength(1);
        for (let step = 0; step < 25; step++) {
            version.value++;
            await settle(90);
        }
        expect(sent).toHaveLength(1);
        // What was drawn before stands until what is new is there.
        expect(given.value?.cards).toHaveLength(1);
        await settle(500);
        expect(sent).toHaveLength(2);
    });

    it('of one view never stand under the name of another', async () => {
        serve({ finishes: ({ path }: Asked) => answer(path.includes('effects') ? 'effect' : 'finish') });
        const view = ref<'finishes' | 'effects'>('finishes');
        const { given } = within(() => useFinishes('g1', galleryOf([]), view));
        const keys = (): string[] => (given.value?.cards ?? []).map(({ key }) => key);
        await settle(10);
        expect(keys()).toEqual(['finish']);
        view.value = 'effects';
        await nextTick();
        expect(keys()).toEqual([]);
        await settle(10);
        expect(keys()).toEqual(['effect']);
    });
});

describe('a glance', () => {
    beforeEach(() => vi.useFakeTimers());

    it('shows what is looked at for a while, never the proof of something else, and what is kept as soon as one looks away', async () => {
        const sent = serve({ preview: ({ path }: Asked) => ({ key: 'p', html: path, css: '' }) });
        const kept = { proof: { key: 'k', html: 'as it is', css: '' } } as LaidOutNow;
        const { given } = within(() => useGlance(ref<Gallery | undefined>(galleryOf([])), ref<LaidOutNow | undefined>(kept)));
        const part = (kind: string): DesignPart => ({ layout: { kind } }) as DesignPart;
        const shown = (): string => given.markup.value.html ?? '';
        expect(shown()).toBe('as it is');
        // The pointer only runs over these.
        for (const kind of ['grid', 'strip', 'rows']) {
            given.looked.value = part(kind);
            await settle(60);
        }
        expect(sent).toEqual([]);
        given.looked.value = part('masonry');
        await settle(200);
        expect(sent).toHaveLength(1);
        expect(shown()).toContain('masonry');
        given.looked.value = part('single');
        await settle(20);
        expect(shown()).toBe('as it is');
        await settle(200);
        expect(shown()).toContain('single');
        given.looked.value = null;
        expect(shown()).toBe('as it is');
    });
});

describe('the strip of finishes', () => {
    it('is one stop of Tab, walked by arrows, shown above as one walks, and taken by Enter', async () => {
        serve({ finishes: () => answer('a', 'b', 'c') });
        const { user, told } = meet(FinishStrip, { id: 'g1', gallery: galleryOf([]), legibility: undefined });
        const options = await screen.findAllByRole('option');
        expect(options.filter(({ tabIndex }) => tabIndex === 0)).toHaveLength(1);
        options[0]?.focus();
        await user.keyboard('{ArrowRight}{End}{Home}{ArrowLeft}{ArrowRight}{Enter}');
        const seen = told<[DesignPart | null]>('look').flatMap(([part]) => (part ? [(part as { finish: { named: string } }).finish.named] : []));
        expect(seen).toEqual(['a', 'b', 'c', 'a', 'b']);
        expect(told('adopt')).toEqual([[{ finish: { named: 'b' } }]]);
        // Tab comes back to where one was.
        expect(options.map(({ tabIndex }) => tabIndex)).toEqual([-1, 0, -1]);
    });

    it('goes to the captions when it is asked to, and says what it waits for', async () => {
        serve({ finishes: () => answer() });
        const { user } = meet(FinishStrip, { id: 'g1', gallery: galleryOf([]), legibility: undefined });
        expect(screen.getByText('Dressing your pictures …')).toBeTruthy();
        // A list of options without one is none: axe says so, too.
        expect(screen.queryByRole('listbox')).toBeNull();
        await user.click(screen.getByRole('radio', { name: 'Legibility' }));
        expect(screen.getByText(/No caption lies over a picture here/)).toBeTruthy();
        expect(screen.queryByRole('listbox')).toBeNull();
    });
});
