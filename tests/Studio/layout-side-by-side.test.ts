import { screen, within as inside } from '@testing-library/vue';
import { describe, expect, inject, it, vi } from 'vitest';
import type { Candidate, CropShown, Snag } from '../../resources/studio/api/types';
import GalleryMiniature from '../../resources/studio/shared/GalleryMiniature.vue';
import CandidateStrip from '../../resources/studio/layout/CandidateStrip.vue';
import CropList from '../../resources/studio/layout/CropList.vue';
import LayoutSnags from '../../resources/studio/layout/LayoutSnags.vue';
import { meet, serve } from './support';

describe('candidates', () => {
    const measures = { rows: 3, complete: 3, crop: 0.204, much_cropped: true, uneven: 0.12, smallest: 113, too_small: false, first_bytes: 51_400 };
    const candidate = (name: string, layout: object, reasons?: string): Candidate =>
        ({ name, layout, reasons, wide: measures, phone: measures, miniature: { width: 136, height: 84, tiles: [] } }) as unknown as Candidate;
    const alternatives = {
        weights: Object.fromEntries(inject('vocabulary').qualities.map(({ value, weight }) => [value, weight])),
        candidates: [
            candidate('Grid 5', { kind: 'grid', columns: 5 }),
            candidate('Masonry 3', { kind: 'masonry', columns: 3 }),
            candidate('Mosaic', { kind: 'mosaic' }),
        ],
        suggestions: [candidate('Mosaic', { kind: 'mosaic' }, 'Nothing is cropped.')],
        crops: [],
    };

    it('are walked by arrows, looked at as one goes, and adopted by Enter', async () => {
        serve({ '/candidates': () => alternatives });
        const { user, told } = meet(CandidateStrip, { id: 'g1', version: 1, count: 3, chosen: 'Masonry 3' });
        const options = await screen.findAllByRole('option');
        expect(options.map((option) => [option.tabIndex, option.getAttribute('aria-selected')])).toEqual([
            [0, 'false'],
            [-1, 'true'],
            [-1, 'false'],
        ]);
        expect(options[0]?.textContent).toMatch(/3\/3 rows.*20 % crop.*phone 113 px.*51 KB/s);
        expect(options[1]?.textContent).toContain('ends 12 % apart');
        expect([...(options[0]?.querySelectorAll('.bad') ?? [])].map(({ textContent }) => textContent)).toEqual(['20 % crop']);
        options.forEach((option) => (option.scrollIntoView = () => undefined));
        options[0]?.focus();
        await user.keyboard('{ArrowRight}{ArrowRight}{Enter}');
        expect(document.activeElement).toBe(options[2]);
        expect(told('look').flat()).toEqual([{ kind: 'grid', columns: 5 }, null, { kind: 'masonry', columns: 3 }, null, { kind: 'mosaic' }]);
        expect(told('adopt')).toEqual([[{ kind: 'mosaic' }]]);
    });

    it('are no list while there is none, and say what is waited for', async () => {
        let come: (answer: typeof alternatives) => void = () => undefined;
        vi.stubGlobal('fetch', () => new Promise<Response>((resolve) => (come = (answer) => resolve(new Response(JSON.stringify(answer))))));
        const { redraw } = meet(CandidateStrip, { id: 'g1', version: 1, count: 12, chosen: '' });
        expect(screen.getByText('Laying 12 pictures out …')).toBeTruthy();
        expect(screen.queryByRole('listbox')).toBeNull();
        await redraw({ id: 'g1', version: 1, count: 1, chosen: '' });
        expect(screen.getByText('Laying one picture out …')).toBeTruthy();
        come({ ...alternatives, candidates: [] });
        await redraw({ id: 'g1', version: 1, count: 0, chosen: '' });
        expect(await screen.findByText('There are no pictures to lay out yet.')).toBeTruthy();
        expect(screen.queryByRole('listbox')).toBeNull();
    });

    it('are suggested with reasons, by weights that count once one pauses', async () => {
        const asked = serve({ '/candidates': () => alternatives });
        const { user } = meet(CandidateStrip, { id: 'g1', version: 1, count: 3, chosen: '' });
        await screen.findAllByRole('option');
        await user.click(screen.getByRole('radio', { name: 'Suggest' }));
        expect((await screen.findByText(/Nothing is cropped/)).textContent).toContain('Nothing is cropped.');
        const { qualities, heaviest } = inject('vocabulary');
        const sliders = screen.getAllByRole('slider');
        expect(sliders.map((slider) => slider.getAttribute('aria-label'))).toEqual(qualities.map(({ label }) => label));
        expect(sliders.map((slider) => Number(slider.getAttribute('aria-valuenow')))).toEqual(qualities.map(({ weight }) => weight));
        sliders[1]?.focus();
        await user.keyboard('{End}{ArrowLeft}');
        await vi.waitFor(() => expect(asked).toHaveLength(3), { timeout: 2000 });
        // Only what is looked at is asked for.
        expect(asked.map(({ path }) => /view=(\w+)/.exec(path)?.[1])).toEqual(['candidates', 'suggestions', 'suggestions']);
        expect(asked[2]?.path).toBe(`galleries/g1/candidates?view=suggestions&weights[${qualities[1]?.value ?? ''}]=${heaviest - 1}`);
    });
});

describe('what is amiss in a layout', () => {
    const snag = (code: string, in_crops: boolean, ...labels: string[]): Snag => ({
        code,
        kind: code,
        stage: 'layout',
        in_crops,
        on_phone: false,
        items: [],
        page: null,
        says: `It is ${code}.`,
        mends: labels.map((label) => ({ label, change: { kind: 'design', design: { layout: { gap: label.length } } }, page: null })),
    });

    it('is said with what would mend it, and shown in the crops where it is seen there', async () => {
        const { user, told } = meet(LayoutSnags, { snags: [snag('ragged', false, 'Fill it'), snag('cut', true, 'Square')] });
        const [ragged, cut] = screen.getAllByRole('listitem');
        expect(screen.getByRole('heading').textContent).toBe('2 snags');
        expect(inside(ragged as HTMLElement).queryByRole('button', { name: 'Show the crops' })).toBeNull();
        await user.click(inside(cut as HTMLElement).getByRole('button', { name: 'Show the crops' }));
        await user.click(screen.getByRole('button', { name: 'Fill it' }));
        expect([told('crops'), told('mend')]).toEqual([[[]], [[{ kind: 'design', design: { layout: { gap: 7 } } }]]]);
    });

    it('is not there where nothing is', () => {
        meet(LayoutSnags, { snags: [] });
        expect(screen.queryByRole('region')).toBeNull();
    });

    it('is dimmed in a crop: what is left is as large as PHP says', () => {
        const crop: CropShown = {
            src: 'data:,',
            title: '',
            width: 300,
            height: 200,
            seen: [0.25, 0, 0.5, 1],
            focal: [0.5, 0.25],
            lost: 0.5,
            much_cropped: false,
        };
        meet(CropList, { crops: [crop, { ...crop, src: 'data:,2', title: 'Two deltas', lost: 0.61, much_cropped: true }] });
        expect(
            screen
                .getAllByRole('img')
                .map((image) => image.getAttribute('alt'))
                .filter(Boolean),
        ).toEqual(['Picture 1', 'Two deltas']);
        expect(document.querySelector<HTMLElement>('.seen')?.style.clipPath).toBe('inset(0% 25% 0% 25%)');
        expect([...document.querySelectorAll('small')].map((small) => [small.textContent, small.className])).toEqual([
            ['50 % cut', ''],
            ['61 % cut', 'bad'],
        ]);
    });

    it('stands in a miniature where PHP put it', () => {
        const miniature = { width: 200, height: 100, tiles: [{ left: 50, top: 25, width: 100, height: 50, src: 'data:,', fit: 'cover', at: [30, 70] }] };
        meet(GalleryMiniature, { miniature });
        const tile = document.querySelector<HTMLElement>('.tile');
        expect([tile?.style.left, tile?.style.top, tile?.style.width, tile?.style.height]).toEqual(['25%', '25%', '50%', '50%']);
        expect(tile?.querySelector('img')?.style.objectPosition).toBe('30% 70%');
    });
});
