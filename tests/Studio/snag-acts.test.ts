import { screen, within as inside } from '@testing-library/vue';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Change, Gallery, Snag } from '../../resources/studio/api/types';
import { announcement } from '../../resources/studio/shared/announce';
import MendWords from '../../resources/studio/snags/MendWords.vue';
import SnagPictures from '../../resources/studio/snags/SnagPictures.vue';
import SnagsStage from '../../resources/studio/snags/SnagsStage.vue';
import { useMendAll } from '../../resources/studio/snags/use-mend-all';
import { fetched, galleryOf, itemOf, meet, pass, serve, within } from './support';

// What is done about snags: one of them, in its gallery; one kind, in all.

beforeEach(() => {
    localStorage.clear();
    sessionStorage.clear();
});

const words: Change = { kind: 'words', words: { i1: { alt: 'A kite' } } };
const snag = (more: Partial<Snag> = {}): Snag => ({
    code: 'alt-missing',
    kind: 'No alt text',
    stage: 'words',
    says: '“Kite 1” has no alt text.',
    in_crops: false,
    on_phone: false,
    items: ['i1'],
    page: null,
    mends: [{ label: 'Use its title', change: words, page: null }],
    ...more,
});
const gallery = (count = 2): Gallery =>
    galleryOf(
        Array.from({ length: count }, (_, index) => itemOf(index + 1)),
        { stamp: 's1', panes: [], live: { at: null, changes: [], pages: [] } },
    );
const preview = { says: 'changed the alt text of a picture', rows: [], before: null, after: null };

describe('a mend that is made', () => {
    it('is one change of the gallery as any other, after which the keyboard stands at the top of what is left', async () => {
        let snags = [snag()];
        const asked = serve({
            '/preview': () => preview,
            '/snags': () => ({ version: 1, snags, meant: [], places: null }),
            'galleries/g1': ({ method }) => {
                if (method === 'PATCH') snags = [];
                return {
                    ...gallery(),
                    version: 2,
                    stamp: 's2',
                    from: 1,
                    items: [],
                    order: null,
                    gone: 0,
                    laid_out: null,
                    undo: { entry: 5, says: 'x', by: null },
                    redo: null,
                };
            },
        });
        const { user } = meet(SnagsStage, { id: 'g1' }, fetched(gallery()));
        await user.click(await screen.findByRole('button', { name: 'Use its title' }));
        await user.click(await screen.findByRole('button', { name: 'Do it' }));
        expect(await screen.findByRole('heading', { level: 2, name: 'No snags' })).toBeTruthy();
        const sent = asked.filter(({ method }) => method === 'PATCH');
        expect(sent.map(({ path, body }) => [path, (body as { change: Change }).change])).toEqual([['galleries/g1', words]]);
        expect(document.activeElement?.tagName).toBe('H2');
        expect(announcement.value.trim()).toMatch(/^No alt text: mended\. One undo takes it back\./);
    });

    it('says so where the server refuses what is meant, and keeps what was typed', async () => {
        serve({
            '/meant': () => [422, { code: 'setting-not-possible', detail: 'code takes one of on-no-page, got "alt-missing".' }],
            '/snags': () => ({ version: 1, snags: [snag()], meant: [], places: null }),
        });
        const { user } = meet(SnagsStage, { id: 'g1' }, fetched(gallery()));
        await user.click(await screen.findByRole('button', { name: /^This is meant/ }));
        await user.keyboard('Described on the page{Enter}');
        expect(await screen.findByText(/code takes one of/)).toBeTruthy();
        expect(screen.getByRole<HTMLInputElement>('textbox').value).toBe('Described on the page');
    });

    it('is told why where snags cannot be told at all', async () => {
        serve({ '/snags': () => [500, { code: 'broken', detail: 'The disk is full.' }] });
        meet(SnagsStage, { id: 'g1' }, fetched(gallery()));
        expect(await screen.findByText('The disk is full.')).toBeTruthy();
        expect(screen.queryByText('Nothing that visitors would trip over.')).toBeNull();
    });
});

describe('the pictures of a snag', () => {
    it('are eight at most, each by its name, and the rest by their number', () => {
        const many = gallery(12);
        meet(SnagPictures, { gallery: many, snag: snag({ items: [...many.items.map(({ id }) => id), 'gone'] }) });
        expect(screen.getAllByRole('link').map((link) => link.getAttribute('aria-label'))).toEqual(
            Array.from({ length: 8 }, (_, index) => `Go to Kite ${index + 1}`),
        );
        expect(screen.getByText('and 4 more')).toBeTruthy();
    });
});

describe('what a mend in one of many galleries comes to', () => {
    it('is told in five rows at most', async () => {
        const rows = Array.from({ length: 7 }, (_, index) => ({
            item: `i${index}`,
            name: `Kite ${index}`,
            field: 'alt text',
            before: index === 0 ? 'IMG_1' : '',
            after: index === 1 ? '' : `Kite ${index}`,
        }));
        serve({ '/preview': () => ({ ...preview, rows }) });
        const { user } = meet(MendWords, { gallery: 'g1', version: 1, change: words });
        expect(await screen.findByText('and 2 more')).toBeTruthy();
        const told = [...document.querySelectorAll('.row')].map(({ textContent }) => textContent?.replaceAll(/\s+/g, ' ').trim());
        expect(told.slice(0, 3)).toEqual(['Kite 0, alt text: IMG_1 Kite 0', 'Kite 1, alt text: nothing', 'Kite 2, alt text: Kite 2']);
        expect(user).toBeTruthy();
    });
});

describe('one kind in all galleries', () => {
    const mends = ['g1', 'g2', 'g3'].map((id, index) => ({ gallery: id, title: `Gallery ${id}`, version: index + 1, label: 'x', change: words }));
    const answer = (version: number) => ({ version, undo: { entry: version * 10, says: 'x', by: null } });

    it('says that it is done once all are, and keeps none that changed nothing', async () => {
        let letGo: () => void = () => undefined;
        const waits = new Promise<void>((resolve) => (letGo = resolve));
        serve({ 'galleries/g1': () => answer(11), 'galleries/g2': () => ({ version: 12, undo: null }), 'galleries/g3': () => answer(13) });
        const plain = globalThis.fetch;
        vi.stubGlobal('fetch', async (path: string, options: object) => {
            if (path.endsWith('g3')) await waits;
            return plain(path, options);
        });
        const { given } = within(() => useMendAll());
        const work = given.mend(mends);
        await pass(30);
        expect([given.busy.value, given.done.value]).toEqual([true, []]);
        letGo();
        expect(await work).toBe(true);
        expect(given.done.value.map(({ gallery: id, entry }) => [id, entry])).toEqual([
            ['g1', 110],
            ['g3', 130],
        ]);
    });

    it('names each that refused, and takes back those that did not, as far as it can', async () => {
        let isStuck = true;
        const asked = serve({
            'galleries/g1': () => answer(11),
            'galleries/g2': () => [409, { code: 'stale-version', detail: 'Somebody changed it.' }],
            'galleries/g3': () => [422, { code: 'change-not-possible', detail: 'It cannot be.' }],
            'g1/undo': () => (isStuck ? [409, { code: 'stale-version', detail: 'Somebody changed it since.' }] : answer(12)),
        });
        const { given } = within(() => useMendAll());
        expect(await given.mend(mends)).toBe(false);
        expect(given.problem.value).toBe('Gallery g2: Somebody changed it. Gallery g3: It cannot be.');
        expect(await given.takeBack()).toBe(false);
        // What could not be taken back can be tried again.
        expect([given.problem.value, given.done.value.length]).toEqual(['Somebody changed it since.', 1]);
        isStuck = false;
        expect([await given.takeBack(), given.done.value]).toEqual([true, []]);
        expect(asked.filter(({ path }) => path.endsWith('undo'))).toHaveLength(2);
    });
});

describe('a list with snags of all stages', () => {
    it('names each stage once, in their order, with what stands under it', async () => {
        const stages = ['pages', 'viewer', 'finish', 'layout', 'words', 'pictures'] as const;
        serve({
            '/snags': () => ({
                version: 1,
                snags: stages.map((stage) => snag({ stage, code: stage, says: `It is ${stage}.`, mends: [] })),
                meant: [],
                places: null,
            }),
        });
        meet(SnagsStage, { id: 'g1' }, fetched(gallery()));
        await screen.findByRole('heading', { level: 2, name: '6 snags' });
        const regions = screen.getAllByRole('region').filter((region) => inside(region).queryByRole('heading', { level: 3 }));
        expect(regions.map((region) => [region.getAttribute('aria-label'), inside(region).getByRole('heading', { level: 4 }).textContent])).toEqual(
            [...stages].reverse().map((stage) => [stage.charAt(0).toUpperCase() + stage.slice(1), `It is ${stage}.`]),
        );
    });
});
