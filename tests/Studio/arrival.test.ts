import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

/** What a browser tells of what comes into view, told by the test. */
class Watcher {
    static all: Watcher[] = [];
    readonly seen = new Set<Element>();

    constructor(private readonly tell: (entries: Partial<IntersectionObserverEntry>[]) => void) {
        Watcher.all.push(this);
    }

    observe(tile: Element): void {
        this.seen.add(tile);
    }

    unobserve(tile: Element): void {
        this.seen.delete(tile);
    }

    /** @param top px from the top of the window */
    comes(tiles: Element[], isIntersecting: boolean, top = 2000): void {
        this.tell(tiles.filter((tile) => this.seen.has(tile)).map((target) => ({ target, isIntersecting, boundingClientRect: { top } as DOMRectReadOnly })));
    }
}

const pane = (arrival: string): HTMLElement => {
    document.body.innerHTML = `<div data-zinc-pane data-arrival="${arrival}"><ul class="zp-tiles"><li><a href="#">1</a></li><li><a href="#">2</a></li><li><a href="#">3</a></li></ul></div>`;
    return document.body.firstElementChild as HTMLElement;
};

const tilesOf = (home: ParentNode): HTMLElement[] => [...home.querySelectorAll('li')];

async function run(supports = false, reduced = false): Promise<void> {
    vi.stubGlobal('IntersectionObserver', Watcher);
    vi.stubGlobal('matchMedia', () => ({ matches: reduced }));
    vi.stubGlobal('CSS', { supports: () => supports });
    vi.resetModules();
    await import('../../resources/viewer/arrival');
}

const classes = (home: ParentNode): string[] => tilesOf(home).map(({ className }) => className);

beforeEach(() => (Watcher.all = []));
afterEach(() => vi.unstubAllGlobals());

describe('tiles that arrive', () => {
    it('wait below the window, and come one after another', async () => {
        const home = pane('once');
        await run();
        const [one, two, three] = tilesOf(home) as [HTMLElement, HTMLElement, HTMLElement];
        const [watcher] = Watcher.all as [Watcher];
        watcher.comes([one], true, 100);
        watcher.comes([two, three], false);
        // What is in the window from the beginning is left alone.
        expect(classes(home)).toEqual(['', 'zp-waits', 'zp-waits']);
        watcher.comes([two, three], true);
        expect(classes(home)).toEqual(['', 'zp-comes', 'zp-comes']);
        expect([two, three].map((tile) => tile.style.getPropertyValue('--zp-i'))).toEqual(['0', '1']);
        two.dispatchEvent(new Event('animationend'));
        expect(two.className).toBe('');
        // Once is once.
        expect(watcher.seen.size).toBe(0);
    });

    it('come each time where that is wished, and are not hidden above the window', async () => {
        const home = pane('each');
        await run();
        const [watcher] = Watcher.all as [Watcher];
        const tiles = tilesOf(home);
        watcher.comes(tiles, false);
        watcher.comes(tiles, true);
        tiles.forEach((tile) => tile.dispatchEvent(new Event('animationend')));
        watcher.comes(tiles, false, -500);
        expect(classes(home)).toEqual(['', '', '']);
        watcher.comes(tiles, false, 900);
        expect(classes(home)).toEqual(['zp-waits', 'zp-waits', 'zp-waits']);
    });

    it('do not wait for one who walks by keyboard', async () => {
        const home = pane('once');
        await run();
        const [watcher] = Watcher.all as [Watcher];
        watcher.comes(tilesOf(home), false);
        home.querySelectorAll('a')[2]?.focus();
        expect(classes(home)).toEqual(['zp-waits', 'zp-waits', '']);
    });

    it('are left to the browser where it follows the scrolling by itself, and to nobody who wants less motion', async () => {
        pane('each');
        await run(true);
        expect(Watcher.all).toEqual([]);
        pane('once');
        await run(false, true);
        expect(Watcher.all).toEqual([]);
    });

    it('are found in a pane that is put in later, once', async () => {
        document.body.innerHTML = '';
        await run();
        const home = pane('once');
        for (let time = 0; time < 2; time++) home.dispatchEvent(new CustomEvent('zinc-pane', { bubbles: true, composed: true }));
        expect(Watcher.all).toHaveLength(1);
        expect(Watcher.all[0]?.seen.size).toBe(3);
        // And in an embed, which nothing outside can look into.
        const host = document.body.appendChild(document.createElement('div'));
        const root = host.attachShadow({ mode: 'open' });
        root.innerHTML = '<div data-arrival="once"><ul class="zp-tiles"><li></li></ul></div>';
        root.firstElementChild?.dispatchEvent(new CustomEvent('zinc-arrival', { bubbles: true, composed: true }));
        expect(Watcher.all).toHaveLength(2);
    });
});
