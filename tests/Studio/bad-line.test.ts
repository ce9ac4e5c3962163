import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Change, Gallery, GalleryChanged, Item } from '../../resources/studio/api/types';
import { useGallery, type UseGalleryReturn } from '../../resources/studio/gallery-state/use-gallery';
import { TYPING, useOutbox } from '../../resources/studio/outbox/use-outbox';
import { fetched, galleryOf, itemOf, within } from './support';

/*
 * One window, and a line that fails in every way it can: before the server heard, after it did, while one is signed
 * out, and in the middle of all that the window is loaded anew. Whatever happens, in the end the server has what was
 * typed last into every cell, has done every act once and in its order, and nobody was asked to choose.
 */

/** Dice that fall the same way each time. (mulberry32) */
function diceOf(seed: number): (sides: number) => number {
    return (sides) => {
        seed = (seed + 0x6d2b79f5) | 0;
        let t = Math.imul(seed ^ (seed >>> 15), 1 | seed);
        t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
        return Math.floor((((t ^ (t >>> 14)) >>> 0) / 2 ** 32) * sides);
    };
}

interface Asked {
    key: string;
    tried?: string[];
    version: number;
    own?: number[];
    change: Change;
}

/** As the real one answers, and no simpler: it refuses what was made on a version that someone else has left behind. */
class Server {
    version = 1;
    readonly titles = new Map<string, string>();
    readonly acts: string[] = [];
    private readonly made = new Map<string, number>();
    /** What each version set. */
    private readonly log: { version: number; path: string }[] = [];
    signedIn = true;
    /** Of the window that is there; one that is gone hears nothing any more. */
    window = 1;

    constructor(
        private readonly items: Item[],
        private readonly fails: () => 'no' | 'before' | 'after' | 'signed-out' | 'expired',
    ) {
        vi.stubGlobal('fetch', async (path: string, asked: { method: string; body?: string }) => {
            const window = this.window;
            await Promise.resolve();
            const answer = await this.met(path, asked).catch((error: unknown) => error as Error);
            if (window !== this.window) return new Promise(() => undefined);
            if (answer instanceof Error) throw answer;
            return answer;
        });
    }

    private met(path: string, { method, body }: { method: string; body?: string }): Promise<Response> {
        return Promise.resolve().then(() => {
            if (path.endsWith('/session')) return this.tell(200, { user: this.signedIn ? { email: 'a@saltreed.example' } : null });
            const how = this.fails();
            if (how === 'before') throw new TypeError('no line');
            if (method === 'GET') return this.tell(200, this.whole());
            if (!this.signedIn || how === 'signed-out') {
                this.signedIn = false;
                return this.tell(401, { code: 'not-signed-in', detail: 'Sign in to go on.' });
            }
            if (how === 'expired') return this.tell(419, { code: 'page-expired', detail: 'Load the page anew.' });
            const [status, answer] = this.patched(JSON.parse(body ?? '{}') as Asked);
            if (how === 'after') throw new TypeError('no line');
            return this.tell(status, answer);
        });
    }

    private tell(status: number, body: object): Response {
        return new Response(JSON.stringify(body), { status });
    }

    private patched({ key, tried = [], version, own = [], change }: Asked): [number, object] {
        if (this.made.has(key)) return [200, this.answer(this.version, [])];
        expect(new Set(tried).size).toBe(tried.length);
        const known = new Set([...own, ...tried.map((one) => this.made.get(one) ?? 0).filter((one) => one > version)]);
        const path = change.kind === 'words' ? Object.keys(change.words).join() : change.kind;
        if (version + known.size < this.version) {
            const theirs = this.log.filter((one) => one.version > version && !known.has(one.version) && one.path === path);
            return [
                409,
                { code: 'stale-version', detail: 'Another window was first.', clashes: theirs.map(() => ({ label: 'Title', mine: 'x', theirs: 'y' })) },
            ];
        }
        const from = this.version++;
        this.log.push({ version: this.version, path });
        this.made.set(key, this.version);
        if (change.kind !== 'words') {
            this.acts.push(JSON.stringify(change));
            return [200, this.answer(from, [])];
        }
        for (const [id, { title }] of Object.entries(change.words)) this.titles.set(id, title ?? '');
        return [200, this.answer(from, Object.keys(change.words))];
    }

    private answer(from: number, ids: string[]): GalleryChanged {
        const whole = this.whole();
        return { ...whole, from, order: null, gone: 0, laid_out: null, items: whole.items.filter(({ id }) => ids.includes(id)) };
    }

    whole(): Gallery {
        return galleryOf(
            this.items.map((item) => ({ ...item, words: { ...item.words, title: this.titles.get(item.id) ?? item.words.title } })),
            { version: this.version, stamp: `s${this.version}` },
        );
    }
}

let window_: { given: UseGalleryReturn & { outbox: ReturnType<typeof useOutbox> }; leave: () => void };
const pass = (ms: number): Promise<unknown> => vi.advanceTimersByTimeAsync(ms);

beforeEach(() => {
    vi.useFakeTimers();
    localStorage.clear();
    sessionStorage.clear();
});
afterEach(() => {
    window_.leave();
    vi.useRealTimers();
});

describe('a line that fails in every way', () => {
    it.each([1, 2, 3, 4, 5, 6, 7, 8])('loses nothing, does nothing twice, asks nothing (%i)', async (seed) => {
        const dice = diceOf(seed);
        let isBad = true;
        const server = new Server([itemOf(1), itemOf(2), itemOf(3)], () =>
            isBad ? (['no', 'no', 'before', 'after', 'after', 'signed-out', 'expired'] as const)[dice(7)]! : 'no',
        );
        const open = (): typeof window_ => within(() => ({ ...useGallery('g1'), outbox: useOutbox() }), fetched(server.whole()));
        window_ = open();
        const typed = new Map<string, string>();
        const acts: string[] = [];
        for (let step = 0; step < 40; step++) {
            const id = `i${1 + dice(3)}`;
            const kind = dice(10);
            if (kind < 7) {
                typed.set(id, `${typed.get(id) ?? ''}${step} `);
                void window_.given.change({ kind: 'words', words: { [id]: { title: typed.get(id)! } } }, TYPING);
            } else if (kind < 9) {
                const move: Change = { kind: 'move', items: [id], before: null };
                acts.push(JSON.stringify(move));
                void window_.given.change(move);
            } else {
                window_.leave();
                vi.clearAllTimers();
                server.window++;
                window_ = open();
            }
            await pass(dice(3) === 0 ? dice(5000) : dice(300));
            // What was typed stands on the screen, whatever the line does.
            await pass(0);
            const shown = window_.given.gallery.value!.items;
            for (const [item, text] of typed) expect(shown.find((one) => one.id === item)?.words.title, `step ${step}`).toBe(text);
            if (window_.given.outbox.signedOut && dice(2) === 0) {
                server.signedIn = true;
                window_.given.outbox.backIn();
            }
        }
        isBad = false;
        server.signedIn = true;
        window_.given.outbox.backIn();
        await pass(120_000);
        expect(Object.fromEntries(server.titles)).toEqual(Object.fromEntries(typed));
        expect(server.acts).toEqual(acts);
        expect([window_.given.outbox.waiting, window_.given.outbox.clashes.size, window_.given.outbox.refused, localStorage.length]).toEqual([0, 0, [], 0]);
    });
});
