import { screen } from '@testing-library/vue';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import TidyEditor from '../../resources/studio/tidy/TidyEditor.vue';
import { useTidy, type UseTidyReturn } from '../../resources/studio/tidy/use-tidy';
import { fetched, galleryOf, itemOf, meet, serve, within, type Answer, type Asked } from './support';

beforeEach(() => localStorage.clear());
afterEach(() => vi.useRealTimers());

describe('tidying a picture', () => {
    const kept = { turn: 0, straighten: 0, crop: { left: 0.2, top: 0, width: 0.5, height: 1 }, brightness: 0, contrast: 0, words: false, free: false };

    async function tidying(
        answer: Answer = ({ body }) => ({ id: 'p1', recipe: (body as { recipe?: object }).recipe ?? kept, focal: [0.5, 0.5] }),
    ): Promise<{ tidy: UseTidyReturn; asked: Asked[]; leave: () => void }> {
        vi.useFakeTimers();
        const asked = serve({
            'pictures/p1': (one) => (one.method === 'GET' ? { id: 'p1', recipe: kept, focal: [0.4, 0.5] } : answer(one)),
            'pictures/tidy': () => ({}),
        });
        const { given: tidy, leave } = within(() => useTidy('p1', null));
        await vi.advanceTimersByTimeAsync(50);
        return { tidy, asked, leave };
    }

    const sent = (asked: Asked[]): unknown[] => asked.filter(({ method }) => method !== 'GET').map(({ body }) => body);

    it('begins with what is kept, its focal point told on the whole picture', async () => {
        const { tidy, asked } = await tidying();
        expect(tidy.draft.crop).toEqual(kept.crop);
        expect(tidy.draft.focal[0]).toBeCloseTo(0.2 + 0.4 * 0.5);
        await vi.advanceTimersByTimeAsync(5000);
        expect(sent(asked)).toEqual([]);
    });

    it('offers nothing that would be lost before it is known what is kept, and takes the keyboard there then', async () => {
        let come = (): void => undefined;
        const gate = new Promise<void>((resolve) => (come = resolve));
        const words = { title: 'Red sail', alt: '' };
        vi.stubGlobal('fetch', () =>
            gate.then(() => new Response(JSON.stringify({ id: 'p1', name: 'a.jpg', words, recipe: kept, focal: [0.4, 0.5], original: [3, 2] }))),
        );
        meet(TidyEditor, { pictureId: 'p1', gallery: null, others: ['p2'] });
        // What draws it here moves it once more, which takes the keyboard away.
        screen.getByRole('region', { name: 'Tidy the picture' }).focus();
        expect(screen.queryByRole('button', { name: 'Turn right' })).toBeNull();
        come();
        await vi.waitFor(() => expect(screen.getByRole('button', { name: 'Turn left' })).toBe(document.activeElement));
        screen.getByRole('button', { name: 'Turn right' }).click();
        await vi.waitFor(() => expect(screen.getByRole('button', { name: /Apply turn and crop to the 1 chosen/ })).toBeTruthy());
    });

    it('is saved once when one pauses, the focal point on what the crop leaves', async () => {
        const { tidy, asked } = await tidying();
        for (const contrast of [5, 10, 15]) {
            tidy.draft.contrast = contrast;
            await nextTick();
        }
        tidy.moveFocal([0.6, 0.25]);
        expect(tidy.state.value).toBe('waiting');
        await vi.advanceTimersByTimeAsync(2000);
        expect(sent(asked)).toEqual([{ recipe: { ...kept, contrast: 15 }, focal: [expect.closeTo(0.8, 9), 0.25] }]);
        expect(tidy.state.value).toBe('saved');
    });

    it('is sent when one leaves, and again by itself where the server could not keep it', async () => {
        let full = true;
        const { tidy, asked, leave } = await tidying(({ body }) =>
            full ? [507, { code: 'disk-full', detail: 'The disk is full.' }] : { id: 'p1', recipe: (body as { recipe: object }).recipe, focal: [0.5, 0.5] },
        );
        tidy.draft.turn = 1;
        await vi.advanceTimersByTimeAsync(100);
        leave();
        await vi.advanceTimersByTimeAsync(50);
        expect(sent(asked)).toHaveLength(1);
        full = false;
        await vi.advanceTimersByTimeAsync(20_000);
        expect(sent(asked)).toHaveLength(2);
        expect(sent(asked)[1]).toEqual(sent(asked)[0]);
    });

    it('is an act on its gallery, told by what was touched, and only that goes to others', async () => {
        vi.useFakeTimers();
        localStorage.clear();
        const answer = { ...galleryOf([itemOf(1)]), from: 1, version: 2, order: null, laid_out: null };
        const asked = serve({ 'pictures/p1': () => ({ id: 'p1', recipe: kept, focal: [0.4, 0.5] }), 'galleries/g1': () => answer });
        const { given: tidy } = within(() => useTidy('p1', 'g1'), fetched(galleryOf([itemOf(1)])));
        await vi.advanceTimersByTimeAsync(50);
        tidy.draft.brightness = 12;
        await nextTick();
        tidy.draft.contrast = 3;
        await nextTick();
        tidy.draft.contrast = 0;
        await nextTick();
        expect(tidy.touched.value).toEqual({ brightness: 12, contrast: 0 });
        await vi.advanceTimersByTimeAsync(2000);
        expect(sent(asked)).toMatchObject([{ version: 1, change: { kind: 'tidy', pictures: { p1: { brightness: 12, contrast: 0 } } } }]);
        const done = tidy.applyTo(['p2', 'p3']);
        await vi.advanceTimersByTimeAsync(100);
        expect(await done).toBe(true);
        expect((sent(asked).at(-1) as { change: object }).change).toEqual({
            kind: 'tidy',
            pictures: { p2: { brightness: 12, contrast: 0 }, p3: { brightness: 12, contrast: 0 } },
        });
    });

    it('shows the picture without its crop, and goes to others as it is here', async () => {
        const { tidy, asked } = await tidying();
        tidy.draft.straighten = 2;
        await vi.advanceTimersByTimeAsync(400);
        const address = (url: string): unknown => JSON.parse(new URL(url, 'http://x').searchParams.get('recipe') ?? '');
        expect(address(tidy.shown.value)).toEqual({ ...kept, straighten: 2, crop: null });
        expect(address(tidy.outcome.value)).toEqual({ ...kept, straighten: 2 });
        expect(address(tidy.before.value)).toEqual({ ...kept, crop: null });
        expect(await tidy.applyTo(['p2'])).toBe(true);
        expect(sent(asked).at(-1)).toEqual({ pictures: ['p2'], recipe: { straighten: 2 } });
    });
});
