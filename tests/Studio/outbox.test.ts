import { QueryClient } from '@tanstack/vue-query';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Change, Gallery, GalleryChanged, Item, WordChange } from '../../resources/studio/api/types';
import { useGallery, type UseGalleryReturn } from '../../resources/studio/gallery-state/use-gallery';
import { TYPING, useOutbox } from '../../resources/studio/outbox/use-outbox';
import { fetched, galleryOf, itemOf, within } from './support';

type Answer = (body: Asked) => [number, object] | null;

interface Asked {
    key: string;
    tried?: string[];
    version: number;
    own?: number[];
    shows?: string;
    entry?: number;
    change: Change;
}

/** A server that keeps the words of one gallery in its own simple way, by no code of the studio; null answers that the line is down. */
class Server {
    version = 1;
    readonly asked: Asked[] = [];
    answers: Answer[] = [];
    readonly words = new Map<string, WordChange>();
    signedIn = true;

    constructor(readonly items: Item[]) {
        vi.stubGlobal('fetch', async (path: string, { method, body }: { method: string; body?: string }) => {
            await Promise.resolve();
            if (path.endsWith('/session')) return this.tell(200, { user: this.signedIn ? { email: 'a@saltreed.example' } : null });
            if (method === 'GET') return this.tell(200, this.whole());
            const asked = JSON.parse(body ?? '{}') as Asked;
            this.asked.push(asked);
            const answer = this.answers.shift()?.(asked);
            if (answer === null) throw new TypeError('no line');
            if (answer) return this.tell(...answer);
            return this.tell(200, this.changed(asked.change));
        });
    }

    private tell(status: number, body: object): Response {
        return new Response(JSON.stringify(body), { status });
    }

    whole(): Gallery {
        const items = this.items.map((item) => ({ ...item, words: { ...item.words, ...this.words.get(item.id) } }));
        return galleryOf(items as Item[], { version: this.version, stamp: `s${this.version}` });
    }

    changed(change: Change | undefined): GalleryChanged {
        const from = this.version++;
        const ids = change?.kind === 'words' ? Object.keys(change.words) : [];
        if (change?.kind === 'words') for (const [id, words] of Object.entries(change.words)) this.words.set(id, { ...this.words.get(id), ...words });
        const whole = this.whole();
        return { ...whole, from, order: null, gone: 0, laid_out: null, items: whole.items.filter(({ id }) => ids.includes(id)) };
    }
}

const words = (id: string, title: string): Change => ({ kind: 'words', words: { [id]: { title } } });
const down: Answer = () => null;
const stale =
    (clashes: object[]): Answer =>
    () => [409, { code: 'stale-version', detail: 'Another window was first.', clashes }];

let server: Server;
let client: QueryClient;
let window_: { given: UseGalleryReturn & { outbox: ReturnType<typeof useOutbox> }; leave: () => void };

function open(): typeof window_ {
    client = fetched(server.whole());
    return within(() => ({ ...useGallery('g1'), outbox: useOutbox() }), client);
}

const pass = (ms: number): Promise<unknown> => vi.advanceTimersByTimeAsync(ms);
const titles = (): string[] => window_.given.gallery.value?.items.map((item) => item.words.title) ?? [];

beforeEach(() => {
    vi.useFakeTimers();
    localStorage.clear();
    sessionStorage.clear();
    server = new Server([itemOf(1), itemOf(2), itemOf(3)]);
    window_ = open();
});
afterEach(() => {
    window_.leave();
    vi.useRealTimers();
});

describe('what is typed', () => {
    it('shows at once, and is sent once one pauses, as one', async () => {
        for (const text of ['R', 'Re', 'Red']) void window_.given.change(words('i1', text), TYPING);
        expect(titles()).toEqual(['Red', 'Kite 2', 'Kite 3']);
        expect(window_.given.gallery.value?.items[0]?.exceptions).toEqual(['title']);
        await pass(TYPING - 50);
        expect(server.asked).toEqual([]);
        await pass(100);
        expect(server.asked.map(({ change }) => change)).toEqual([words('i1', 'Red')]);
        expect([titles()[0], window_.given.state.value.waiting, localStorage.length]).toEqual(['Red', 0, 0]);
    });

    it('is sent at once when one hurries, and in its order', async () => {
        void window_.given.change(words('i1', 'One'), TYPING);
        void window_.given.change(words('i2', 'Two'), TYPING);
        void window_.given.change({ kind: 'hide', items: ['i3'], hidden: true });
        expect(window_.given.gallery.value?.items.map(({ hidden }) => hidden)).toEqual([false, false, true]);
        await pass(10);
        expect(server.asked.map(({ change }) => change.kind)).toEqual(['words', 'words', 'hide']);
        expect(server.asked.map(({ version }) => version)).toEqual([1, 2, 3]);
    });

    it('stays on the screen and in the browser while the line is down, and goes by itself when it is back', async () => {
        server.answers = Array.from({ length: 4 }, () => down);
        void window_.given.change(words('i1', 'At low tide'), TYPING);
        await pass(TYPING + 10);
        expect([titles()[0], window_.given.state.value.waiting, window_.given.outbox.isDown]).toEqual(['At low tide', 1, true]);
        expect(JSON.stringify({ ...localStorage })).toContain('At low tide');
        expect(window_.given.state.value.problem).toBe('');
        await pass(30_000);
        expect([server.words.get('i1')?.title, window_.given.outbox.isDown, localStorage.length]).toEqual(['At low tide', false, 0]);
    });

    it('is there again when the window is loaded anew', async () => {
        server.answers = [down];
        void window_.given.change(words('i2', 'Half a sente'), TYPING);
        await pass(200);
        window_.leave();
        window_ = open();
        await pass(10_000);
        expect([titles()[1], server.words.get('i2')?.title]).toEqual(['Half a sente', 'Half a sente']);
    });

    it('asks before the window is closed, as long as it waits', async () => {
        const asks = (): boolean => !window.dispatchEvent(new Event('beforeunload', { cancelable: true }));
        expect(asks()).toBe(false);
        void window_.given.change(words('i1', 'Red'), TYPING);
        expect(asks()).toBe(true);
        await pass(TYPING + 10);
        expect(asks()).toBe(false);
    });

    it('waits for one to sign in again, and goes on', async () => {
        server.signedIn = false;
        server.answers = [() => [401, { code: 'not-signed-in', detail: 'Sign in to go on.' }]];
        void window_.given.change(words('i1', 'Red'));
        await pass(50);
        expect([window_.given.outbox.signedOut, titles()[0], server.words.size]).toEqual([true, 'Red', 0]);
        await pass(60_000);
        expect(server.asked).toHaveLength(1);
        window_.given.outbox.backIn();
        await pass(50);
        expect([window_.given.outbox.signedOut, server.words.get('i1')?.title]).toEqual([false, 'Red']);
    });

    it('gets a new token without a word where only the page was open too long', async () => {
        server.answers = [() => [419, { code: 'page-expired', detail: 'x' }]];
        void window_.given.change(words('i1', 'Red'));
        await pass(50);
        expect([window_.given.outbox.signedOut, server.words.get('i1')?.title]).toEqual([false, 'Red']);
    });

    it('is offered where it is refused, and where its picture was taken out', async () => {
        server.answers = [() => [422, { code: 'change-not-possible', detail: 'A link begins with https://.' }]];
        void window_.given.change({ kind: 'words', words: { i1: { link: 'javascript:1' } } });
        await pass(50);
        expect(window_.given.outbox.refused.map(({ says, texts }) => [says, texts])).toEqual([['A link begins with https://.', ['javascript:1']]]);
        expect(window_.given.gallery.value?.items[0]?.words.link).toBe('');
        server.items.splice(1, 1);
        server.answers = [() => [422, { code: 'change-not-possible', detail: '"i2" is not in this gallery.' }]];
        void window_.given.change(words('i2', 'A long title'));
        await pass(50);
        const [, lost] = window_.given.outbox.refused;
        expect([lost?.says, lost?.texts, lost?.instead]).toEqual([
            '“Kite 2” was taken out of the gallery in another window.',
            ['A long title'],
            { picture: 'p2', words: { title: 'A long title' } },
        ]);
        window_.given.outbox.letGo(lost?.key ?? '');
        expect(window_.given.outbox.refused).toHaveLength(1);
    });
});

describe('two windows', () => {
    const values = [{ label: 'Title', mine: 'Ebb', theirs: 'Flood' }];

    it('follow one another by themselves where they changed different things', async () => {
        server.answers = [stale([])];
        const done = window_.given.change(words('i1', 'Mine'));
        server.version = 5;
        await pass(50);
        expect(await done).toBe(true);
        expect(server.asked.map(({ version }) => version)).toEqual([1, 5]);
        expect(window_.given.state.value.clash).toBeNull();
    });

    it('never overwrite an open clash by further typing', async () => {
        server.answers = [stale(values)];
        void window_.given.change(words('i1', 'Ebb'));
        await pass(50);
        expect(window_.given.state.value.clash?.values).toEqual(values);
        void window_.given.change(words('i1', 'Ebb and more'), TYPING);
        void window_.given.change(words('i2', 'Another'), TYPING);
        await pass(20_000);
        expect([server.asked.length, window_.given.state.value.clash?.values, titles().slice(0, 2)]).toEqual([1, values, ['Ebb and more', 'Another']]);
        expect(await window_.given.undo()).toBe(false);
        expect(window_.given.state.value.problem).toContain('not saved yet');
        window_.given.settle('mine');
        await pass(50);
        expect([server.words.get('i1')?.title, server.words.get('i2')?.title]).toEqual(['Ebb and more', 'Another']);
    });

    it('leave theirs, and offer what one had typed', async () => {
        server.answers = [stale(values)];
        void window_.given.change(words('i1', 'Ebb'));
        await pass(50);
        window_.given.settle('theirs');
        await pass(50);
        expect([server.asked.length, window_.given.state.value.clash, titles()[0], window_.given.outbox.refused[0]?.texts]).toEqual([
            1,
            null,
            'Kite 1',
            ['Ebb'],
        ]);
    });

    it('hold nothing against what waits that was done before one left theirs', async () => {
        let made = '';
        server.answers = [
            (asked) => {
                // It is done, and the answer is lost.
                made = asked.key;
                server.changed(asked.change);
                return null;
            },
        ];
        void window_.given.change(words('i1', 'Ebb'));
        await pass(50);
        server.answers = [stale(values)];
        void window_.given.change(words('i1', 'Ebb and more'));
        void window_.given.change(words('i2', 'Another'));
        await pass(5000);
        window_.given.settle('theirs');
        await pass(50);
        const last = server.asked.at(-1);
        expect([last?.change, last?.tried?.includes(made)]).toEqual([words('i2', 'Another'), true]);
    });

    it('tell the server which of the versions since are their own', async () => {
        void window_.given.change(words('i1', 'One'));
        void window_.given.change(words('i2', 'Two'));
        void window_.given.change(words('i3', 'Three'));
        await pass(50);
        expect(server.asked.map(({ version, own }) => [version, own])).toEqual([
            [1, undefined],
            [2, undefined],
            [3, undefined],
        ]);
        // Another window comes between two of one's own.
        server.answers = [
            (asked) => {
                server.version = 9;
                return [200, { ...server.changed(asked.change) }];
            },
        ];
        void window_.given.change(words('i1', 'Four'));
        void window_.given.change(words('i2', 'Five'));
        await pass(50);
        expect(server.asked.slice(3).map(({ version, own }) => [version, own])).toEqual([
            [4, undefined],
            [4, [10]],
        ]);
    });

    it('are not tried for ever', async () => {
        server.answers = Array.from({ length: 30 }, () => stale([]));
        expect(await Promise.all([window_.given.change(words('i1', 'Mine')), pass(500)])).toEqual([false, expect.anything()]);
        expect(server.asked.length).toBeLessThan(8);
        expect(window_.given.state.value.clash).not.toBeNull();
    });
});
