import { describe, expect, it, vi } from 'vitest';
import { nextTick, ref } from 'vue';
import { api, csrfToken, messageOf, Problem, withQuery } from '../../resources/studio/api/client';
import { useGallery } from '../../resources/studio/gallery-state/use-gallery';
import { useSelection } from '../../resources/studio/shared/use-selection';
import { useEcho } from '../../resources/studio/shared/use-echo';
import { fetched, galleryOf, itemOf, refused, serve, within } from './support';

describe('acts on a gallery', () => {
    const answer = { ...galleryOf([itemOf(1)]), from: 1, version: 2, order: null, laid_out: null };

    it('go live once all files are there, and say how many lack until then', async () => {
        const lacking: number[] = [];
        const answers = [{ lacking: 3 }, { lacking: 1 }, answer];
        const asked = serve({ '/live': () => (lacking.push(given.state.value.lacking), answers.shift() ?? answer) });
        const { given } = within(() => useGallery('g1'), fetched(galleryOf([itemOf(1)])));
        expect(await given.putLive()).toBe(true);
        expect(lacking).toEqual([0, 3, 1]);
        expect(asked.map(({ path, body }) => [path, body])).toEqual(Array.from({ length: 3 }, () => ['galleries/g1/live', { version: 1 }]));
        expect(given.state.value).toMatchObject({ lacking: 0, busy: 0 });
    });

    it('are told as lost where the line is, with nothing half done', async () => {
        const { given } = within(() => useGallery('g2'), fetched(galleryOf([itemOf(1)], { id: 'g2' })));
        vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no line')));
        expect(await given.undo()).toBe(false);
        expect(given.state.value.problem).toContain('Nothing was changed');
        expect(given.state.value.busy).toBe(0);
    });

    it('make controls go back to what is kept where they are refused', async () => {
        serve({ 'galleries/g3': () => refused('A title has up to 120 characters.') });
        const { given } = within(
            () => {
                const shown = useEcho(() => 'kept');
                shown.value = 'asked for';
                return { ...useGallery('g3'), shown };
            },
            fetched(galleryOf([itemOf(1)], { id: 'g3' })),
        );
        expect(await given.change({ kind: 'about', about: { title: 'too long' } })).toBe(false);
        await nextTick();
        expect([given.state.value.problem, given.shown.value, given.state.value.waiting]).toEqual(['A title has up to 120 characters.', 'kept', 0]);
    });
});

describe('the line to the server', () => {
    it('tells a refusal as the problem it is', async () => {
        vi.stubGlobal('fetch', () =>
            Promise.resolve(new Response(JSON.stringify({ code: 'in-use', detail: 'It is in use.', pictures: [1] }), { status: 409 })),
        );
        const problem = (await api.delete('pictures/p1').catch((error: unknown) => error)) as Problem;
        expect(problem).toBeInstanceOf(Problem);
        expect([problem.status, problem.code, problem.message, problem.facts['pictures']]).toEqual([409, 'in-use', 'It is in use.', [1]]);
        expect(messageOf(problem)).toBe('It is in use.');
        expect(messageOf(new Error('secret'))).not.toContain('secret');
    });

    it('is not upset by an answer that is none', async () => {
        vi.stubGlobal('fetch', () => Promise.resolve(new Response('<h1>Bad gateway</h1>', { status: 502 })));
        await expect(api.get('session')).rejects.toMatchObject({ status: 502, code: 'failed' });
        vi.stubGlobal('fetch', () => Promise.resolve(new Response(null, { status: 204 })));
        await expect(api.delete('session')).resolves.toBeNull();
    });

    it('sends the token that was laid into the cookie, and JSON unless it is a form', async () => {
        document.cookie = 'XSRF-TOKEN=a%3Db';
        const calls: RequestInit[] = [];
        vi.stubGlobal('fetch', (_: string, init: RequestInit) => {
            calls.push(init);
            return Promise.resolve(new Response('{}'));
        });
        await api.post('galleries', { title: 'x' });
        await api.post('uploads', new FormData());
        expect(csrfToken()).toBe('a=b');
        const [json, form] = calls.map(({ headers }) => headers as Record<string, string>);
        expect(json).toMatchObject({ 'X-XSRF-TOKEN': 'a=b', 'Content-Type': 'application/json' });
        expect(form).not.toHaveProperty('Content-Type');
    });

    it('asks only for what was said', () => {
        expect(withQuery('pictures', { words: 'low tide', colour: '', unused: true, bin: false, from: null, page: 0 })).toBe(
            'pictures?words=low+tide&unused=1&page=0',
        );
        expect(withQuery('pictures', { colour: '' })).toBe('pictures');
    });
});

describe('choosing some of many', () => {
    const ids = ['a', 'b', 'c', 'd', 'e'];
    const plain = { shiftKey: false, ctrlKey: false, metaKey: false };

    it('takes one, one more, a stretch either way, and all', () => {
        const { pick, list, all, none } = useSelection(ids);
        pick('b', plain);
        pick('d', { ...plain, ctrlKey: true });
        expect(list.value).toEqual(['b', 'd']);
        pick('d', { ...plain, metaKey: true });
        expect(list.value).toEqual(['b']);
        pick('b', plain);
        pick('e', { ...plain, shiftKey: true });
        expect(list.value).toEqual(['b', 'c', 'd', 'e']);
        pick('a', { ...plain, shiftKey: true });
        expect(list.value).toEqual(['a', 'b']);
        all();
        expect(list.value).toEqual(ids);
        none();
        expect(list.value).toEqual([]);
    });

    it('adds a stretch to what was chosen with Ctrl', () => {
        const { pick, list } = useSelection(ids);
        pick('a', plain);
        pick('c', { ...plain, ctrlKey: true });
        pick('d', { ...plain, shiftKey: true, ctrlKey: true });
        expect(list.value).toEqual(['a', 'c', 'd']);
    });

    it('forgets what is no longer there, and keeps the order of the things', async () => {
        const there = ref(ids);
        const { set, list, pick, active } = useSelection(there);
        set(['d', 'a', 'c']);
        expect(list.value).toEqual(['a', 'c', 'd']);
        pick('c', plain);
        set(['d', 'a', 'c']);
        there.value = ['d', 'a'];
        await nextTick();
        expect(list.value).toEqual(['d', 'a']);
        expect(active.value).toBeUndefined();
    });
});
