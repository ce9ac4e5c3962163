import { QueryObserver } from '@tanstack/vue-query';
import { fireEvent, screen, within as inside } from '@testing-library/vue';
import { describe, expect, it, vi } from 'vitest';
import HistoryStage from '../../resources/studio/gallery/HistoryStage.vue';
import OfflineEverywhere from '../../resources/studio/store/OfflineEverywhere.vue';
import WhenLive from '../../resources/studio/pages/WhenLive.vue';
import ActList from '../../resources/studio/site/ActList.vue';
import PageTree from '../../resources/studio/site/PageTree.vue';
import SiteHistory from '../../resources/studio/site/SiteHistory.vue';
import PhoneLook from '../../resources/studio/site/PhoneLook.vue';
import SinglePicture from '../../resources/studio/site/SinglePicture.vue';
import { newPart, sent } from '../../resources/studio/site/parts';
import { useSite } from '../../resources/studio/site/use-site';
import { pageOf, sharedOf } from './site-support';
import { fetched, galleryOf, itemOf, meet, pass, serve, within } from './support';

vi.mock('qrcode', () => ({ toDataURL: (text: string) => Promise.resolve(`data:,${text}`) }));

describe('the tree of pages', () => {
    it('makes a page by its title alone, and goes to it', async () => {
        const asked = serve({ pages: () => [201, { id: 'new' }] });
        const { user, told } = meet(PageTree, { shared: sharedOf([pageOf('a')]), chosen: 'a' });
        await user.click(screen.getByRole('button', { name: 'New page' }));
        const title = screen.getByLabelText('Title of the new page');
        expect(document.activeElement).toBe(title);
        expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Make it' }).disabled).toBe(true);
        await user.type(title, ' Kites to hire {Enter}');
        await vi.waitFor(() => expect(told('choose')).toEqual([['new']]));
        expect(asked[0]).toMatchObject({ method: 'POST', body: { title: 'Kites to hire' } });
    });

    it('leaves making a page with Escape, and the keyboard goes back', async () => {
        const { user } = meet(PageTree, { shared: sharedOf([pageOf('a')]), chosen: 'a' });
        await user.click(screen.getByRole('button', { name: 'New page' }));
        await user.keyboard('{Escape}');
        await vi.waitFor(() => expect(document.activeElement).toBe(screen.getByRole('button', { name: 'New page' })));
    });

    it('moves a page by keyboard, and sends the whole order', async () => {
        const asked = serve({ menu: () => ({}) });
        const pages = [pageOf('a', { menu_label: 'A' }), pageOf('b', { menu_label: 'B' })];
        meet(PageTree, { shared: sharedOf(pages), chosen: 'b' });
        const own = screen.getByRole('button', { name: /^Page b/ });
        await fireEvent.keyDown(own, { key: 'ArrowRight', altKey: true });
        await vi.waitFor(() =>
            expect(asked.at(-1)?.body).toEqual({
                order: [
                    { id: 'a', parent: null },
                    { id: 'b', parent: 'a' },
                ],
            }),
        );
        // A step that is none asks nothing.
        await fireEvent.keyDown(screen.getByRole('button', { name: /^Page a/ }), { key: 'ArrowUp', altKey: true });
        expect(asked).toHaveLength(1);
    });
});

describe('acts on the site', () => {
    it('come one after another, say what went wrong, and fetch anew what follows from them', async () => {
        const asked = serve({ site: () => ({ undo: { entry: 7, says: 'x', by: null } }), pages: () => [200, []], undo: () => [204, {}] });
        const { given } = within(useSite);
        await vi.waitFor(() => expect(given.site.value).toBeTruthy());
        const order: number[] = [];
        const slow = given.act(async () => {
            await pass(30);
            order.push(1);
        }, 'One');
        const quick = given.act(() => Promise.resolve(order.push(2)), 'Two');
        expect(await Promise.all([slow, quick])).toEqual([true, true]);
        expect(order).toEqual([1, 2]);
        expect(await given.act(() => Promise.reject(new Error('no')), 'Three')).toBe(false);
        expect(given.problem.value).not.toBe('');
        expect(asked.filter(({ path }) => path === 'site').length).toBeGreaterThan(2);
        // Undo means what an act on its way leaves, not what was last when it was pressed.
        let entry = 7;
        serve({ site: () => ({ undo: { entry, says: 'x', by: null } }), pages: () => [200, []], undo: ({ body }) => ((undone = body), [204, {}]) });
        let undone: unknown;
        const busy = given.act(() => Promise.resolve((entry = 8)), 'Four');
        await Promise.all([busy, given.undo()]);
        expect(undone).toEqual({ entry: 8 });
    });
});

describe('what is fetched', () => {
    it.each([true, false])('is never what was asked before an act and came after it (seen meanwhile: %s)', async (isSeen) => {
        let known = 'before';
        const queries = fetched();
        let answer: () => void = () => undefined;
        const first = new Promise<void>((done) => (answer = done));
        // The answer was put together before the act, and comes late.
        const fetch = vi.fn(async () => {
            const said = known;
            await first;
            return said;
        });
        const observer = new QueryObserver(queries, { queryKey: ['site'], queryFn: fetch });
        const leave = observer.subscribe(() => undefined);
        if (!isSeen) leave();
        known = 'after';
        const done = queries.invalidateQueries({ queryKey: ['site'] });
        answer();
        await done;
        observer.subscribe(() => undefined);
        await vi.waitFor(() => expect(queries.getQueryData(['site'])).toBe('after'));
        // What has an answer already is asked once, as ever.
        fetch.mockClear();
        await queries.invalidateQueries({ queryKey: ['site'] });
        expect(fetch).toHaveBeenCalledTimes(1);
    });
});

describe('what was done', () => {
    const act = (id: number, says: string, more: object = {}) => ({ id, says, at: `2026-05-0${id}T10:00:00Z`, by: 'Ann', undone: false, ...more });

    it('is told by day, and gone back to from every act but the newest and those taken back', async () => {
        const { user, told } = meet(ActList, {
            acts: [
                act(4, 'hid a picture'),
                act(3, 'moved a picture', { undone: true }),
                act(2, 'gap 8 px to 9 px'),
                act(1, 'put in 2 pictures', { pictures: ['/a.webp'] }),
            ],
            more: false,
            earlier: () => Promise.resolve(),
            busy: false,
        });
        const back = screen.getAllByRole('button', { name: /^Go back to here/ });
        expect(back).toHaveLength(2);
        expect(screen.getByText(/taken back/)).toBeTruthy();
        await user.click(back[0] as HTMLElement);
        expect(told('back')).toEqual([[2]]);
        expect(document.querySelectorAll('img')).toHaveLength(1);
        expect(document.querySelectorAll('.day')).toHaveLength(4);
    });

    it('goes on with what was earlier as far as it reaches, with the keyboard where it begins', async () => {
        const all = [4, 3, 2, 1].map((id) => act(id, `did ${id}`, { undone: id === 4 }));
        const asked = serve({
            'site/history': ({ path }) => {
                const before = Number(/before=(\d)/.exec(path)?.[1] ?? 9);
                const left = all.filter(({ id }) => id < before);
                return { acts: left.slice(0, 2), more: left.length > 2 };
            },
        });
        const { user } = meet(SiteHistory, { shared: sharedOf([pageOf('a')]) });
        await user.click(await screen.findByRole('button', { name: 'Earlier' }));
        await screen.findByText(/Did 1/);
        expect(asked.map(({ path }) => path)).toEqual(['site/history', 'site/history?before=3']);
        expect([...document.querySelectorAll('.acts p')].map((one) => one.textContent?.trim().slice(0, 5))).toEqual(['Did 4', 'Did 3', 'Did 2', 'Did 1']);
        await vi.waitFor(() => expect(document.activeElement?.textContent).toContain('Did 2'));
        expect(screen.queryByRole('button', { name: 'Earlier' })).toBeNull();
        // Nothing was done since the newest that stands, so that there is no way back to it.
        expect(screen.getAllByRole('button', { name: /^Go back to here/ })).toHaveLength(2);
    });

    it('shows what visitors had, two beside each other, and puts one live again', async () => {
        const edition = (id: string, live: boolean) => ({ id, at: '2026-05-01T10:00:00Z', by: null, live, title: 'Kites', pictures: 3 });
        const asked = serve({
            '/history': () => ({ acts: [act(2, 'gap 8 px to 9 px')], more: false, editions: [edition('e2', true), edition('e1', false)] }),
            '/live': () => ({ gone: 1 }),
            g1: () => galleryOf([itemOf(1)], { live: { at: null, changes: [], pages: [] } }),
        });
        const { user } = meet(HistoryStage, { id: 'g1' }, fetched(galleryOf([itemOf(1)], { live: { at: null, changes: [], pages: [] } })));
        await screen.findByText('live now');
        expect(document.querySelectorAll('iframe')).toHaveLength(1);
        await user.click(screen.getByRole('combobox', { name: 'Edition beside it' }));
        await user.click((await screen.findAllByRole('option', { hidden: true })).at(-1) as HTMLElement);
        await vi.waitFor(() =>
            expect([...document.querySelectorAll('iframe')].map((frame) => frame.getAttribute('src'))).toEqual(['/studio/edition/e2', '/studio/edition/e1']),
        );
        await user.click(screen.getByRole('button', { name: /^Live again/ }));
        await user.click(await screen.findByRole('button', { name: 'Put it live', hidden: true }));
        await vi.waitFor(() => expect(asked.some(({ method, path }) => method === 'POST' && path === 'editions/e1/live')).toBe(true));
    });
});

describe('a phone', () => {
    it.each([
        [true, /same network/],
        [false, /bin\/start --lan/],
    ])('is led to the page by a code, or told why it cannot be (%s)', async (reachable, says) => {
        const asked = serve({ '/look': () => ({ address: 'http://192.168.1.20:8000/look/secret', until: '2026-05-01T10:00:00Z', reachable }) });
        const { user } = meet(PhoneLook, { page: 'p1', of: 'draft' });
        await user.click(screen.getByRole('button', { name: 'Look at it on a phone…' }));
        await screen.findByText(says);
        expect(asked[0]?.body).toEqual({ of: 'draft' });
        await vi.waitFor(() => expect(document.querySelector('img')?.getAttribute('src')).toContain('look/secret'));
        // What is signed is not shown to whoever looks over a shoulder.
        expect(document.body.textContent).not.toContain('secret');
    });
});

describe('pictures of visitors', () => {
    it('are taken off everywhere only when that was meant, and allowed again', async () => {
        const asked = serve({ offline: () => ({}), online: () => ({}) });
        const { user, redraw } = meet(OfflineEverywhere, { ids: ['p1', 'p2'], offline: false });
        await user.click(screen.getByRole('button', { name: 'Take offline everywhere' }));
        expect(asked).toHaveLength(0);
        await user.click(await screen.findByRole('button', { name: 'Take offline', hidden: true }));
        await vi.waitFor(() => expect(asked[0]).toMatchObject({ path: 'pictures/offline', body: { pictures: ['p1', 'p2'] } }));
        await redraw({ ids: ['p1'], offline: true });
        await user.click(screen.getByRole('button', { name: 'Allow it again' }));
        await vi.waitFor(() => expect(asked.at(-1)).toMatchObject({ path: 'pictures/online', body: { pictures: ['p1'] } }));
    });

    it('that stand by themselves are pointed out where a gallery has them too', async () => {
        const part = { ...newPart('picture'), picture: 'p1', thumbnail: '/a.webp' };
        const { user, told } = meet(SinglePicture, { part, twice: [{ part: part.id, pane: 'n1', item: 'i1', gallery: 'Boats' }] });
        await user.click(screen.getByRole('button', { name: 'Leave it out there' }));
        expect(told('leaveOut')).toEqual([['n1', 'i1']]);
        await user.click(inside(screen.getByRole('radiogroup', { name: 'Stands' })).getByRole('radio', { name: 'Right' }));
        expect(told('change').at(-1)).toEqual([{ side: 'end' }]);
        // One that was not chosen yet is not sent.
        expect(sent([newPart('picture'), part]).map((one) => (one as { id: string }).id)).toEqual([part.id]);
        expect(sent([part])[0]).not.toHaveProperty('thumbnail');
    });

    it('are told apart: what the gallery changes, and what each page does', () => {
        const gallery = galleryOf([], {
            about: { title: 'Kites' },
            live: {
                at: null,
                changes: ['gap 8 px to 9 px', 'moved a picture', 'Repairs: “Kites” appears at the top, wide'],
                pages: [
                    { id: 'p', title: 'Repairs', address: '/repairs', changes: ['“Kites” appears at the top, wide'] },
                    { id: 'q', title: 'Home', address: '/', changes: [] },
                ],
            },
        } as object);
        meet(WhenLive, { gallery, page: undefined });
        expect(screen.getAllByRole('listitem').map(({ textContent }) => textContent?.replace(/\s+/g, ' ').trim())).toEqual([
            'Kites: 2 changes of the gallery itself',
            'Repairs: “Kites” appears at the top, wide',
        ]);
    });
});
