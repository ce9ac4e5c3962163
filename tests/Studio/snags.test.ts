import { screen, within as inside } from '@testing-library/vue';
import { describe, expect, inject, it, vi } from 'vitest';
import type { Change, Gallery, Mend, Snag, SnagPlaces } from '../../resources/studio/api/types';
import MendLook from '../../resources/studio/snags/MendLook.vue';
import SiteSnags from '../../resources/studio/snags/SiteSnags.vue';
import SnagPlace from '../../resources/studio/snags/SnagPlace.vue';
import SnagRow from '../../resources/studio/snags/SnagRow.vue';
import { placeOf } from '../../resources/studio/snags/snags';
import SnagsStage from '../../resources/studio/snags/SnagsStage.vue';
import { fetched, galleryOf, itemOf, meet, serve } from './support';

const words = (alt: string): Change => ({ kind: 'words', words: { i1: { alt } } });
const mendOf = (label: string, change: Change | null = words('A kite')): Mend => ({ label, change, page: change ? null : { id: 'p', menu_label: 'Kites' } });

function snagOf(code: string, more: Partial<Snag> = {}): Snag {
    return { code, kind: `Kind ${code}`, stage: 'words', says: `It is ${code}.`, in_crops: false, on_phone: false, items: [], page: null, mends: [], ...more };
}

const gallery = (): Gallery => galleryOf([itemOf(1), itemOf(2)], { stamp: 's1', panes: [], live: { at: null, changes: [], pages: [] } });
const tile = (top: number) => ({ left: 0, top, width: 100, height: 50, src: null, at: [50, 50] as [number, number], fit: 'cover' as const });
const places: SnagPlaces = { width: 100, height: 300, tiles: [tile(0), tile(60), tile(120), tile(180), tile(240)], items: ['i1', 'i2', 'i3', 'i4', 'i5'] };
const preview = {
    says: 'changed the alt text of a picture',
    rows: [{ item: 'i1', name: 'Kite 1', field: 'alt text', before: '', after: 'A kite' }],
    before: null,
    after: null,
};

describe('where a snag is', () => {
    it('is drawn about what is meant, and no further than the gallery goes', async () => {
        const { redraw } = meet(SnagPlace, { places, marked: ['i3'], tall: 1 });
        const drawn = (): (string | undefined)[][] =>
            [...document.querySelectorAll<HTMLElement>('.tile')].map(({ style, classList }) => [style.top, [...classList].find((name) => name === 'marked')]);
        // From 95 to 195 of the 300 px: the third in the middle, half of the one above, a quarter of the one below.
        expect(drawn()).toEqual([
            ['-35%', undefined],
            ['25%', 'marked'],
            ['85%', undefined],
        ]);
        await redraw({ places, marked: ['i5'], tall: 1 });
        expect(drawn().at(-1)).toEqual(['40%', 'marked']);
        await redraw({ places, marked: [], tall: 9 });
        expect([drawn().length, document.querySelector('.dim')]).toEqual([5, null]);
    });

    it('is gone to: its picture, its page, or its stage', () => {
        expect(placeOf('g1', snagOf('a'), 'i2')).toEqual({ name: 'words', params: { id: 'g1' }, query: { item: 'i2' } });
        expect(placeOf('g1', snagOf('a', { stage: 'pages', page: 'p7' }))).toEqual({ name: 'pages', params: { id: 'g1' }, query: { page: 'p7' } });
        expect(placeOf('g1', snagOf('a', { stage: 'layout' }))).toEqual({ name: 'layout', params: { id: 'g1' }, query: {} });
    });
});

describe('a snag', () => {
    it('shows what a mend would come to before it is made, and gives the keyboard back where it is left', async () => {
        const asked = serve({ '/snags/preview': () => preview });
        const { user, told } = meet(SnagRow, {
            gallery: gallery(),
            snag: snagOf('alt-missing', { mends: [mendOf('Use its title')] }),
            places: null,
            busy: false,
        });
        await user.click(screen.getByRole('button', { name: 'Use its title' }));
        const look = await screen.findByRole('region', { name: 'What “Use its title” would change' });
        expect((await inside(look).findAllByRole('cell')).map(({ textContent }) => textContent?.trim())).toEqual(['Kite 1', 'alt text', 'nothing', 'A kite']);
        expect(asked[0]).toMatchObject({ method: 'POST', body: { change: words('A kite') } });
        await user.click(inside(look).getByRole('button', { name: 'Leave it' }));
        expect(screen.queryByRole('region')).toBeNull();
        expect(document.activeElement?.textContent).toBe('It is alt-missing.');
        expect(told('mend')).toEqual([]);
        await user.click(screen.getByRole('button', { name: 'Use its title' }));
        await user.click(await screen.findByRole('button', { name: 'Do it' }));
        expect(told('mend')).toEqual([[mendOf('Use its title')]]);
    });

    it('is meant with a word, by keyboard alone; without one it is not', async () => {
        const { user, told } = meet(SnagRow, { gallery: gallery(), snag: snagOf('holes'), places: null, busy: false });
        await user.tab();
        while (document.activeElement?.textContent?.includes('This is meant') === false) await user.tab();
        await user.keyboard('{Enter}');
        const field = await screen.findByRole('textbox', { name: 'Why is it meant?' });
        expect([document.activeElement, field.getAttribute('maxlength')]).toEqual([field, String(inject('vocabulary').longest['snag_word'])]);
        await user.keyboard('   {Enter}');
        expect(told('mean')).toEqual([]);
        await user.keyboard('as in the book{Enter}');
        expect(told('mean').flat()).toEqual(['   as in the book']);
        await user.keyboard('{Escape}');
        expect([screen.queryByRole('textbox'), document.activeElement?.tagName]).toEqual([null, 'H4']);
    });

    it('says so where what a mend would come to cannot be told', async () => {
        serve({ '/snags/preview': () => [422, { code: 'change-not-possible', detail: 'There is no such picture.' }] });
        meet(MendLook, { gallery: 'g1', version: 1, label: 'X', change: words('A') });
        expect(await screen.findByText('There is no such picture.')).toBeTruthy();
        expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Do it' }).disabled).toBe(true);
    });
});

describe('the snags of a gallery', () => {
    const list = {
        version: 1,
        snags: [snagOf('on-no-page', { stage: 'pages' }), snagOf('near-doubles', { stage: 'pictures', mends: [mendOf('In', null)] })],
        meant: [{ code: 'holes', kind: 'Holes', says: 'x', word: 'as in the book', by: null, at: '2026-05-01T10:00:00Z' }],
        places: null,
    };

    it('stand stage by stage, and what is meant below them, to be looked at again', async () => {
        const asked = serve({ '/snags': () => list, '/meant': () => [204, {}] });
        const { user } = meet(SnagsStage, { id: 'g1' }, fetched(gallery()));
        expect(await screen.findByRole('heading', { level: 2, name: '2 snags' })).toBeTruthy();
        expect(screen.getAllByRole('heading', { level: 4 }).map(({ textContent }) => textContent)).toEqual(['It is near-doubles.', 'It is on-no-page.']);
        const meant = screen.getByRole('region', { name: 'Meant to be so' });
        expect(meant.textContent).toContain('“as in the book”');
        await user.click(inside(meant).getByRole('button', { name: /^Look at it again/ }));
        await vi.waitFor(() => expect(asked.find(({ method }) => method === 'DELETE')?.path).toBe('galleries/g1/snags/holes/meant'));
        expect(document.activeElement?.tagName).toBe('H2');
    });

    it('put a page into the menu without leaving the list', async () => {
        const asked = serve({ '/snags': () => list, '/pages/p': () => [204, {}] });
        const { user } = meet(SnagsStage, { id: 'g1' }, fetched(gallery()));
        await user.click(await screen.findByRole('button', { name: 'In' }));
        await vi.waitFor(() => expect(asked.find(({ method }) => method === 'PATCH')).toMatchObject({ path: 'pages/p', body: { menu_label: 'Kites' } }));
    });

    it('say that there are none', async () => {
        serve({ '/snags': () => ({ ...list, snags: [], meant: [] }) });
        meet(SnagsStage, { id: 'g1' }, fetched(gallery()));
        expect(await screen.findByText('Nothing that visitors would trip over.')).toBeTruthy();
    });
});

describe('the snags of the site', () => {
    const galleries = [
        { id: 'g1', title: 'One', version: 3, snags: [snagOf('alt-missing', { mends: [mendOf('Use its title')] }), snagOf('holes')] },
        { id: 'g2', title: 'Two', version: 5, snags: [snagOf('alt-missing', { mends: [mendOf('Use its title')] })] },
    ];
    const answer = (id: string, version: number) => ({ id, version, undo: { entry: 70 + version, says: 'x', by: null } });

    it('are mended kind by kind after a look, and taken back as one', async () => {
        const asked = serve({
            '/snags/preview': () => preview,
            'galleries/g1': () => answer('g1', 4),
            'galleries/g2': () => answer('g2', 6),
            '/undo': () => answer('g', 9),
        });
        const { user } = meet(SiteSnags, { galleries, cards: [] });
        expect(screen.getByRole('heading', { level: 2 }).textContent).toBe('3 snags in 2 galleries');
        expect(screen.getAllByRole('heading', { level: 3 }).map(({ textContent }) => textContent)).toEqual(['Kind alt-missing', 'Kind holes']);
        await user.click(screen.getByRole('button', { name: /^Mend in all 2/ }));
        expect(await screen.findAllByText(/changed the alt text of a picture/)).toHaveLength(2);
        await user.click(screen.getByRole('button', { name: 'Do it' }));
        expect(await screen.findByText(/Mended in 2 galleries/)).toBeTruthy();
        expect(asked.filter(({ method }) => method === 'PATCH').map(({ path, body }) => [path, (body as { version: number }).version])).toEqual([
            ['galleries/g1', 3],
            ['galleries/g2', 5],
        ]);
        await user.click(screen.getByRole('button', { name: 'Take it back' }));
        await vi.waitFor(() => expect(screen.queryByText(/Mended in/)).toBeNull());
        // The last first, each by the very act that it was.
        expect(asked.filter(({ path }) => path.endsWith('/undo')).map(({ path, body }) => [path, body])).toEqual([
            ['galleries/g2/undo', { version: 6, entry: 76 }],
            ['galleries/g1/undo', { version: 4, entry: 74 }],
        ]);
    });

    it('leave what was mended where the next is refused, and say why', async () => {
        serve({
            '/snags/preview': () => preview,
            'galleries/g1': () => answer('g1', 4),
            'galleries/g2': () => [409, { code: 'stale-version', detail: 'Somebody changed it.' }],
        });
        const { user } = meet(SiteSnags, { galleries, cards: [] });
        await user.click(screen.getByRole('button', { name: /^Mend in all 2/ }));
        await user.click(await screen.findByRole('button', { name: 'Do it' }));
        expect(await screen.findByText('Two: Somebody changed it.')).toBeTruthy();
        expect(screen.getByText(/Mended in one gallery/)).toBeTruthy();
    });
});
