import { fireEvent, screen, within as inside } from '@testing-library/vue';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import BringIn from '../../resources/studio/site/BringIn.vue';
import CommentsView from '../../resources/studio/site/CommentsView.vue';
import NotLive from '../../resources/studio/site/NotLive.vue';
import PageSettings from '../../resources/studio/site/PageSettings.vue';
import { draftOf, restored } from '../../resources/studio/site/parts';
import PartsEditor from '../../resources/studio/site/PartsEditor.vue';
import { pageOf, paneOf, sharedOf } from './site-support';
import { fetched, meet, pass, serve } from './support';

describe('writing on a page', () => {
    const part = (id: string, html: string) => ({
        id,
        kind: 'paragraph',
        html,
        level: 2,
        ordered: false,
        picture: null,
        caption: '',
        side: 'middle',
        says: html,
        thumbnail: null,
    });

    beforeEach(() => localStorage.clear());

    /** A server that has a page of one part, and answers a PUT as it is told. */
    const served = (answer: (body: { seen: string; parts: object[] }) => object | [number, object], now: () => object = () => known('s1', ['p1', 'One'])) =>
        serve({ '/parts': ({ method, body }) => (method === 'GET' ? now() : answer(body as { seen: string; parts: object[] })) });
    const known = (seen: string, ...parts: [string, string][]) => ({ seen, parts: parts.map(([id, html]) => part(id, html)), spots: [], twice: [] });
    const shelf = () => localStorage.getItem('zinc-pane:parts:p');
    const add = async () => {
        const { user } = meet(PartsEditor, { page: pageOf('p') });
        await screen.findByRole('textbox', { name: /part 1/ });
        await user.click(screen.getByRole('button', { name: 'Heading' }));
        return user;
    };

    it('keeps what was typed where the line is down, says so, and sends it by itself once it is there', async () => {
        let isDown = true;
        const asked = served(() => (isDown ? [503, {}] : known('s2', ['p1', 'One'], ['n', ''])));
        await add();
        await screen.findByText(/kept here, and sent as soon as it can be/, {}, { timeout: 4000 });
        expect(JSON.parse(shelf() ?? '')).toMatchObject({ seen: 's1', parts: [{ id: 'p1' }, { kind: 'heading' }] });
        isDown = false;
        await vi.waitFor(() => expect(shelf()).toBeNull(), { timeout: 8000 });
        expect(asked.at(-1)?.body).toMatchObject({ seen: 's1', parts: [{ id: 'p1' }, { kind: 'heading' }] });
        expect(screen.queryByRole('alert')).toBeNull();
    });

    it('tries once more as one leaves, and then leaves it to whoever opens the page again', async () => {
        const asked = served(() => [503, {}]);
        const { user, leave } = meet(PartsEditor, { page: pageOf('p') });
        await screen.findByRole('textbox', { name: /part 1/ });
        await user.click(screen.getByRole('button', { name: 'Heading' }));
        await screen.findByText(/kept here, and sent as soon as it can be/);
        const puts = () => asked.filter(({ method }) => method === 'PUT').length;
        const before = puts();
        leave();
        await vi.waitFor(() => expect(puts()).toBe(before + 1));
        await pass(4600);
        expect([puts(), shelf() === null]).toEqual([before + 1, false]);
    });

    it('sends what was left when the window was closed as what it was begun, so that others’ words are told apart', async () => {
        localStorage.setItem('zinc-pane:parts:p', JSON.stringify({ seen: 's0', parts: [part('p1', 'Mine')] }));
        const asked = served(
            () => known('s2', ['p1', 'Mine'], ['t', 'Theirs']),
            () => known('s1', ['p1', 'One'], ['t', 'Theirs']),
        );
        meet(PartsEditor, { page: pageOf('p') });
        await vi.waitFor(() => expect(shelf()).toBeNull());
        expect(asked.find(({ method }) => method === 'PUT')?.body).toMatchObject({ seen: 's0', parts: [{ html: 'Mine' }] });
        expect((await screen.findAllByRole('textbox')).map(({ textContent }) => textContent)).toEqual(['Mine', 'Theirs']);
    });

    it.each([
        ['Put mine in their place', ['One', ''], 's9'],
        ['Take theirs, and let mine go', ['Theirs'], null],
    ] as const)('asks whose words stay where two wrote the same: %s', async (choice, words, seenAs) => {
        let seen = 's1';
        const asked = served(
            (body) => (body.seen === 's1' ? [409, { code: 'stale-page', detail: 'Somebody else wrote too.' }] : { ...known('s10'), parts: body.parts }),
            () => known(seen, ['p1', seen === 's1' ? 'One' : 'Theirs']),
        );
        const user = await add();
        await screen.findByText('Somebody else wrote too.', {}, { timeout: 4000 });
        seen = 's9';
        // Nothing goes out while nobody has said.
        const before = asked.length;
        await user.click(screen.getByRole('button', { name: 'Paragraph' }));
        await pass(900);
        expect(asked).toHaveLength(before);
        await user.click(screen.getByRole('button', { name: 'Take out part 3' }));
        await pass(900);
        await user.click(screen.getByRole('button', { name: choice }));
        await vi.waitFor(() => expect(shelf()).toBeNull());
        expect(asked.filter(({ method }) => method === 'PUT').at(-1)?.body).toMatchObject({ seen: seenAs ?? 's1' });
        await vi.waitFor(() => expect(screen.getAllByRole('textbox').map(({ textContent }) => textContent)).toEqual(words));
        expect(screen.queryByRole('group', { name: 'Whose words stay' })).toBeNull();
    });

    it('puts together what came from others and what was typed meanwhile', () => {
        const draft = (id: string, html: string, more: object = {}) => draftOf({ ...part(id, html), ...more } as never);
        const before = [draft('a', 'A'), draft('b', 'B'), draft('c', 'C')];
        const now = [draft('new', 'New'), draft('a', 'A typed'), draft('pic', '', { kind: 'picture' }), draft('b', 'B')];
        const answer = [draft('a', 'A'), draft('t', 'Theirs'), draft('b', 'B theirs'), draft('c', 'C')];
        expect(restored(answer, before, now).map(({ id, html }) => `${id} ${html}`)).toEqual(['new New', 'a A typed', 'pic ', 't Theirs', 'b B theirs']);
        expect(restored(answer, before, before)).toEqual(answer);
        // What others took out stays out, unless it was written on meanwhile.
        expect(restored([draft('a', 'A')], before, [draft('a', 'A'), draft('b', 'B'), draft('c', 'C typed')]).map(({ html }) => html)).toEqual([
            'A',
            'C typed',
        ]);
    });

    it('moves a part by keyboard, takes one out, and shows the galleries between', async () => {
        const asked = serve({ '/parts': ({ method }) => ({ seen: method, parts: [part('p1', 'One'), part('p2', 'Two')], spots: [], twice: [] }) });
        meet(PartsEditor, { page: pageOf('p', { panes: [paneOf()] }) });
        await screen.findByText('Kites · wide');
        await fireEvent.keyDown(screen.getByRole('button', { name: /Paragraph, part 1 of 2/ }), { key: 'ArrowDown', altKey: true });
        await vi.waitFor(() => expect(asked.at(-1)?.body).toMatchObject({ parts: [{ id: 'p2' }, { id: 'p1' }] }));
    });

    it('says that words of a page that was brought in stay as they are', async () => {
        serve({ '/parts': () => ({ seen: 's', parts: [], spots: [], twice: [] }) });
        meet(PartsEditor, { page: pageOf('p', { brought_in: true }) });
        expect(await screen.findByText(/its words stay as the file has them/)).toBeTruthy();
        expect(screen.queryByRole('group', { name: 'Put in' })).toBeNull();
    });
});

describe('what is not live', () => {
    it('ticks what is one’s own, not what somebody else is at, and puts live what is ticked', async () => {
        const asked: { path: string; body: unknown }[] = [];
        const client = fetched();
        client.setQueryData(['session'], { user: { id: 'u1' } });
        const pages = [
            pageOf('a', { changes: ['comments on'], changed_by: { id: 'u1', name: 'Me' } }),
            pageOf('b', { changes: ['out of the menu'], changed_by: { id: 'u2', name: 'Ben' } }),
        ];
        const shared = sharedOf(pages, {
            galleries: [{ id: 'g1', title: 'Kites', version: 7, is_live: true, changes: ['gap 8 px to 9 px', 'gap 8 px to 9 px'], stands: true }],
        });
        vi.stubGlobal('fetch', (path: string, { body }: { body?: string }) => {
            asked.push({ path, body: body ? JSON.parse(body) : null });
            return Promise.resolve(new Response('', { status: 204 }));
        });
        const { user } = meet(NotLive, { shared }, client);
        const box = (name: RegExp) => screen.getByRole<HTMLInputElement>('checkbox', { name });
        expect([box(/Kites/).checked, box(/Page a/).checked, box(/Page b/).checked]).toEqual([true, true, false]);
        expect(screen.getByText('gap 8 px to 9 px, 2 times')).toBeTruthy();
        await user.click(screen.getByRole('button', { name: 'Put live what is ticked' }));
        expect(asked.at(-1)?.body).toEqual({ galleries: { g1: 7 }, pages: ['a'] });
        expect(shared.said).toEqual(['It is live.']);
        expect(screen.getByRole('link', { name: 'Look at Page a' })).toBeTruthy();
    });

    it('names a page that is no more but that visitors still have, and takes it from them', async () => {
        const asked = serve({ 'site/live': () => [204, {}], session: () => ({ user: null }) });
        const { user } = meet(NotLive, { shared: sharedOf([pageOf('a')], { gone: [{ id: 'z', title: 'Repairs' }] }) });
        expect(screen.queryByText('All is live.')).toBeNull();
        expect(screen.getByRole<HTMLInputElement>('checkbox', { name: 'Repairs' }).checked).toBe(true);
        expect(screen.getByText('is no more, but visitors still have it')).toBeTruthy();
        await user.click(screen.getByRole('button', { name: 'Put live what is ticked' }));
        expect(asked.at(-1)).toMatchObject({ method: 'POST', path: 'site/live', body: { galleries: {}, pages: ['z'] } });
    });
});

describe('the page itself', () => {
    it('sends only what was changed, and leaves what was refused in its field', async () => {
        const asked = serve({ '/p': () => ({}) });
        const { user } = meet(PageSettings, {
            page: pageOf('p', { menu_label: 'P' }),
            shared: { ...sharedOf([]), act: async (work: () => Promise<unknown>) => (await work(), false) },
        });
        const title = screen.getByLabelText('Title');
        await user.clear(title);
        await user.type(title, 'Repairs{Tab}');
        expect(asked.at(-1)).toMatchObject({ method: 'PATCH', path: 'pages/p', body: { title: 'Repairs' } });
        expect((title as HTMLInputElement).value).toBe('Repairs');
        await user.click(screen.getByRole('switch', { name: 'In the menu' }));
        expect(asked.at(-1)?.body).toEqual({ menu_label: null });
    });

    it('tells of a file that was brought in what was left out and why', async () => {
        serve({ '/bring-in': () => [201, { pages: ['p9'], left: [{ name: 'run.exe', why: 'No page asks for it.' }], notes: ['A script stays.'] }] });
        const { told } = meet(BringIn, { shared: sharedOf([]) });
        const input = document.querySelector('input[type="file"]') as HTMLInputElement;
        Object.defineProperty(input, 'files', { value: [new File(['<p>x</p>'], 'a.html')] });
        await fireEvent.change(input);
        await vi.waitFor(() => expect(screen.getByText(/Left out: run.exe. No page asks for it./)).toBeTruthy());
        expect(screen.getByText('A script stays.')).toBeTruthy();
        await vi.waitFor(() => expect(told('done')).toEqual([['p9']]));
    });

    it('shows comments by what is to be done with them', async () => {
        const comment = (id: string, state: string) => ({
            id,
            name: `N${id}`,
            text: 'Hm',
            at: '2026-01-01T00:00:00Z',
            state,
            page: 'Kites',
            address: '/kites',
        });
        const both = (): [number, object] => [200, [comment('1', 'waiting'), comment('2', 'shown')]];
        const asked = serve({ comments: both, '/1': () => ({}) });
        const { user } = meet(CommentsView, { pages: [] });
        const waiting = await screen.findByRole('region', { name: 'To look at' });
        await user.click(inside(waiting).getByRole('button', { name: 'Show it' }));
        expect(asked.find(({ method }) => method === 'PATCH')).toMatchObject({ path: 'comments/1', body: { state: 'shown' } });
        expect(inside(screen.getByRole('region', { name: 'On the pages' })).queryByRole('button', { name: 'Show it' })).toBeNull();
    });
});
