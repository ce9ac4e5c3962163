import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { render } from '@testing-library/vue';
import { describe, expect, it, vi } from 'vitest';
import { defineComponent, h, nextTick, ref } from 'vue';
import { api, csrfToken, messageOf, Problem, withQuery } from '../../resources/studio/api/client';
import type { Change } from '../../resources/studio/api/types';
import { useGallery, type UseGalleryReturn } from '../../resources/studio/gallery/use-gallery';
import { useSelection } from '../../resources/studio/shared/use-selection';
import { useEcho } from '../../resources/studio/shared/use-echo';

interface Asked {
    method: string;
    path: string;
    body: { version?: number; change?: Change };
}

/** A server of one gallery, which answers as it is told, and one window that works on it. */
function window_(answers: ((asked: Asked) => [number, object])[]): { gallery: UseGalleryReturn; asked: Asked[]; kept: () => string } {
    const id = `g${Math.random()}`;
    const asked: Asked[] = [];
    let version = 1;
    vi.stubGlobal('fetch', async (path: string, { method, body }: { method: string; body?: string }) => {
        const one = { method, path: path.replace('/studio/api/', ''), body: JSON.parse(body ?? '{}') as Asked['body'] };
        // A line that takes its time, so that what does not wait is seen.
        await new Promise((resolve) => setTimeout(resolve, 5));
        if (method === 'GET') return new Response(JSON.stringify({ id, version: ++version, title: 'Kites' }));
        asked.push(one);
        const [status, answer] = (answers[asked.length - 1] ?? (() => [200, {}]))(one);
        return new Response(
            JSON.stringify(status === 200 && !('lacking' in answer) ? { id, version: (one.body.version ?? 0) + 1, title: 'Kites', ...answer } : answer),
            { status },
        );
    });
    const client = new QueryClient({ defaultOptions: { queries: { retry: false, staleTime: 60_000 } } });
    client.setQueryData(['gallery', id], { id, version, title: 'Kites' });
    let gallery: UseGalleryReturn | undefined;
    let kept = (): string => '';
    render(
        defineComponent({
            setup() {
                gallery = useGallery(id);
                const shown = useEcho(() => 'kept');
                shown.value = 'asked for';
                kept = () => shown.value;
                return () => h('p');
            },
        }),
        { global: { plugins: [[VueQueryPlugin, { queryClient: client }]] } },
    );
    return { gallery: gallery as UseGalleryReturn, asked, kept };
}

const title = (text: string): Change => ({ kind: 'about', about: { title: text } });
const stale = (clashes: object[]): [number, object] => [409, { code: 'stale-version', detail: 'Another window was first.', clashes }];

describe('changes of one window', () => {
    it('go one after another, each on the version the one before it made', async () => {
        const { gallery, asked } = window_([]);
        expect(await Promise.all(['a', 'b', 'c'].map((text) => gallery.change(title(text))))).toEqual([true, true, true]);
        expect(asked.map(({ body }) => body)).toEqual(['a', 'b', 'c'].map((text, index) => ({ version: index + 1, change: title(text) })));
        expect(gallery.state.value.busy).toBe(0);
    });

    it('are refused by words, and controls go back to what is kept', async () => {
        const { gallery, asked, kept } = window_([() => [422, { code: 'change-not-possible', detail: 'A title has up to 120 characters.' }]]);
        expect(await gallery.change(title('too long'))).toBe(false);
        expect(gallery.state.value.problem).toBe('A title has up to 120 characters.');
        await nextTick();
        expect(kept()).toBe('kept');
        expect(await gallery.change(title('short'))).toBe(true);
        expect(gallery.state.value.problem).toBe('');
        expect(asked).toHaveLength(2);
    });

    it('follow by themselves on another window’s change of something else', async () => {
        const { gallery, asked, kept } = window_([() => stale([]), () => stale([])]);
        expect(await gallery.change(title('mine'))).toBe(true);
        expect(asked.map(({ body }) => body.version)).toEqual([1, 2, 3]);
        expect(gallery.state.value.clash).toBeNull();
        expect(kept()).toBe('asked for');
    });

    it('do not try for ever', async () => {
        const { gallery, asked } = window_(Array.from({ length: 20 }, () => () => stale([])));
        expect(await gallery.change(title('mine'))).toBe(false);
        expect(asked.length).toBeLessThan(8);
        expect(gallery.state.value.clash).not.toBeNull();
    });

    it.each(['mine', 'theirs'] as const)('ask where both changed the same, and %s stands', async (choice) => {
        const values = [{ label: 'Title', mine: 'Ebb', theirs: 'Flood' }];
        const { gallery, asked } = window_([() => stale(values)]);
        expect(await gallery.change(title('Ebb'))).toBe(false);
        expect(gallery.state.value.clash?.values).toEqual(values);
        await gallery.settle(choice);
        expect(gallery.state.value.clash).toBeNull();
        expect(asked.map(({ body }) => body.version)).toEqual(choice === 'mine' ? [1, 2] : [1]);
    });

    it('go live once all files are there, and say how many lack until then', async () => {
        const lacking: number[] = [];
        const { gallery, asked } = window_([
            () => [200, { lacking: 3 }],
            () => {
                lacking.push(gallery.state.value.lacking);
                return [200, { lacking: 1 }];
            },
            () => {
                lacking.push(gallery.state.value.lacking);
                return [200, {}];
            },
        ]);
        expect(await gallery.putLive()).toBe(true);
        expect(lacking).toEqual([3, 1]);
        expect(asked.every(({ path }) => path.endsWith('/live'))).toBe(true);
        expect(gallery.state.value).toMatchObject({ lacking: 0, busy: 0 });
    });

    it('are told as lost where the line is, with nothing half done', async () => {
        const { gallery } = window_([]);
        vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no line')));
        expect(await gallery.undo()).toBe(false);
        expect(gallery.state.value.problem).toContain('Nothing was changed');
        expect(gallery.state.value.busy).toBe(0);
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
