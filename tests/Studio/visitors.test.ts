import fc from 'fast-check';
import { beforeAll, describe, expect, it, vi } from 'vitest';
import { EmbeddedGallery } from '../../resources/viewer/embed';
import { indexAfter, intentOfKey, intentOfSwipe } from '../../resources/viewer/base/intents';
import { Strip } from '../../resources/viewer/strip';
import { pass } from './support';

/** Tells the script what to say. */
const SPEAKING = Object.assign(document.createElement('div'), {});
SPEAKING.dataset['phrases'] = JSON.stringify({ back: 'Previous pictures', on: 'Next pictures', run: 'Play the slideshow', hold: 'Pause the slideshow' });

beforeAll(() => customElements.define(EmbeddedGallery.tag, EmbeddedGallery));

describe('what a visitor asks for', () => {
    const intent = fc.constantFrom('next', 'previous', 'first', 'last', null);

    it('leads to a slide there is, and two opposite wishes lead back', () => {
        fc.assert(
            fc.property(intent, fc.integer({ min: 1, max: 30 }), fc.nat(29), (wish, count, from) => {
                const at = from % count;
                const to = indexAfter(wish, at, count);
                expect(to).toBeGreaterThanOrEqual(0);
                expect(to).toBeLessThan(count);
                expect(indexAfter('previous', indexAfter('next', at, count), count)).toBe(at);
            }),
        );
        // Where it stops, the last stays the last.
        expect([indexAfter('next', 2, 3, false), indexAfter('previous', 0, 3, false), indexAfter('next', 0, 3, false)]).toEqual([2, 0, 1]);
        expect([indexAfter('next', 2, 3), indexAfter('previous', 0, 3), indexAfter('first', 2, 3), indexAfter('last', 0, 3), indexAfter(null, 1, 3)]).toEqual([
            0, 2, 0, 2, 1,
        ]);
    });

    it('is read by arrows in the direction of the page', () => {
        expect(['ArrowLeft', 'ArrowRight', 'Home', 'End', 'x'].map((key) => intentOfKey(key, false))).toEqual(['previous', 'next', 'first', 'last', null]);
        expect(['ArrowLeft', 'ArrowRight', 'Home', 'End'].map((key) => intentOfKey(key, true))).toEqual(['next', 'previous', 'first', 'last']);
    });

    it('is read from a finger that goes across, and not from a tap or a scroll', () => {
        fc.assert(
            fc.property(fc.integer({ min: -400, max: 400 }), fc.integer({ min: -400, max: 400 }), (dx, dy) => {
                const [left, right] = [intentOfSwipe(dx, dy, false), intentOfSwipe(dx, dy, true)];
                if (Math.abs(dx) < 40 || Math.abs(dy) > Math.abs(dx)) expect([left, right]).toEqual([null, null]);
                else expect([left, right]).toEqual(dx < 0 ? ['next', 'previous'] : ['previous', 'next']);
            }),
        );
    });
});

describe('an embedded gallery', () => {
    const stand = async (answer: Response | Error, width = 600): Promise<ShadowRoot | null> => {
        vi.spyOn(HTMLElement.prototype, 'clientWidth', 'get').mockReturnValue(width);
        vi.stubGlobal('fetch', () => (answer instanceof Error ? Promise.reject(answer) : Promise.resolve(answer)));
        document.body.innerHTML = '<zinc-gallery gallery="a/../b" host="https://kites.example"></zinc-gallery>';
        await pass(5);
        return document.querySelector('zinc-gallery')?.shadowRoot ?? null;
    };

    it('stands in a root of its own, with addresses of its own host', async () => {
        const root = await stand(new Response(JSON.stringify({ html: '<div data-zinc-pane><img src="{{host}}/media/a.jpg"></div>', css: '.zp{gap:1px}' })));
        expect(root?.querySelector('img')?.getAttribute('src')).toBe('https://kites.example/media/a.jpg');
        // No style element: a policy that forbids those does not forbid this.
        expect(root?.querySelector('style')).toBeNull();
        expect(
            (root?.adoptedStyleSheets ?? [])
                .flatMap(({ cssRules }) => [...cssRules])
                .map(({ cssText }) => cssText)
                .join(),
        ).toContain('gap: 1px');
    });

    it('waits for its place to have a width', async () => {
        const answer = { html: '<div data-zinc-pane></div>', css: '' };
        expect((await stand(new Response(JSON.stringify(answer)), 0))?.querySelector('[data-zinc-pane]')).toBeNull();
        expect((await stand(new Response(JSON.stringify(answer)), 1))?.querySelector('[data-zinc-pane]')).not.toBeNull();
    });

    it('says what its host says in its place, as text', async () => {
        const root = await stand(new Response('{"html":"","css":"","said":"Not here <b>yet</b>."}', { status: 404 }));
        expect(root?.textContent).toBe('Not here <b>yet</b>.');
    });

    it.each([
        ['it is not live', new Response('', { status: 404 })],
        ['its host is away', new TypeError('no line')],
    ])('is empty and says why where %s', async (_, answer) => {
        const told = vi.spyOn(console, 'warn').mockImplementation(() => undefined);
        const root = await stand(answer);
        expect(root?.querySelector('[data-zinc-pane]') ?? null).toBeNull();
        expect(told).toHaveBeenCalledOnce();
    });

    it('asks for no other address than its own gallery’s', async () => {
        const asked: string[] = [];
        vi.stubGlobal('fetch', (address: string) => {
            asked.push(address);
            return Promise.resolve(new Response('{"html":"","css":""}'));
        });
        document.body.innerHTML = '<zinc-gallery gallery="../../studio" host="https://kites.example"></zinc-gallery>';
        await pass(5);
        expect(asked).toEqual(['https://kites.example/embed/..%2F..%2Fstudio.json']);
    });
});

describe('a strip', () => {
    /** Three tiles of 300 px in a window of 400 px, as a browser would place them. */
    function strip(direction: 'ltr' | 'rtl', seconds = '0'): { list: HTMLElement; scrolled: number[]; press: (key: string) => void } {
        document.body.innerHTML = `<div><ul data-strip data-seconds="${seconds}" tabindex="0" style="direction:${direction}"><li></li><li></li><li></li></ul></div>`;
        const list = document.querySelector('ul') as HTMLElement;
        const sign = direction === 'rtl' ? -1 : 1;
        const scrolled: number[] = [];
        Object.defineProperties(list, { scrollWidth: { value: 900 }, clientWidth: { value: 400 } });
        list.getBoundingClientRect = () => new DOMRect(0, 0, 400, 200);
        [...list.children].forEach((tile, place) => {
            tile.getBoundingClientRect = () => new DOMRect((direction === 'rtl' ? 100 - 300 * place : 300 * place) - list.scrollLeft, 0, 300, 200);
        });
        list.scrollTo = ((to: ScrollToOptions) => {
            list.scrollLeft = sign * Math.min(500, Math.abs(to.left ?? 0));
            scrolled.push(Math.abs(list.scrollLeft));
            list.dispatchEvent(new Event('scroll'));
        }) as typeof list.scrollTo;
        Strip.enliven(list, SPEAKING);
        return { list, scrolled, press: (key) => void list.dispatchEvent(new KeyboardEvent('keydown', { key, cancelable: true })) };
    }
    const button = (name: string): HTMLButtonElement => document.querySelector(`[aria-label="${name}"]`) as HTMLButtonElement;

    /** A button that leads nowhere stays, for whoever stands on it. */
    const can = (name: string): boolean => button(name).getAttribute('aria-disabled') === 'false';

    it.each([
        ['ltr', 'ArrowRight', 'ArrowLeft'],
        ['rtl', 'ArrowLeft', 'ArrowRight'],
    ] as const)('is stepped tile by tile and back, read %s', (direction, on, back) => {
        const { scrolled, press } = strip(direction);
        expect([can('Previous pictures'), can('Next pictures')]).toEqual([false, true]);
        press(on);
        press(on);
        expect(scrolled).toEqual([300, 500]);
        expect([can('Previous pictures'), can('Next pictures')]).toEqual([true, false]);
        press(back);
        button('Previous pictures').click();
        expect(scrolled.slice(2)).toEqual([300, 0]);
        press('x');
        expect(scrolled).toHaveLength(4);
        press('End');
        press('Home');
        expect(scrolled.slice(4)).toEqual([500, 0]);
    });

    it('is made alive once, and not where there is nothing to step to', () => {
        const { list } = strip('ltr');
        Strip.enliven(list, SPEAKING);
        expect(document.querySelectorAll('.zp-step')).toHaveLength(2);
        document.body.innerHTML = '<div><ul data-strip><li></li></ul></div>';
        Strip.enliven(document.querySelector('ul') as HTMLElement, SPEAKING);
        expect(document.querySelectorAll('.zp-step')).toHaveLength(0);
    });

    it('goes on by itself, round, until it is paused, and not in a hidden tab', () => {
        vi.useFakeTimers();
        try {
            const { scrolled } = strip('ltr', '2');
            vi.advanceTimersByTime(6000);
            expect(scrolled).toEqual([300, 500, 0]);
            button('Pause the slideshow').click();
            vi.advanceTimersByTime(6000);
            expect(scrolled).toHaveLength(3);
            button('Play the slideshow').click();
            vi.spyOn(document, 'hidden', 'get').mockReturnValue(true);
            vi.advanceTimersByTime(6000);
            expect(scrolled).toHaveLength(3);
            vi.spyOn(document, 'hidden', 'get').mockReturnValue(false);
            // What is taken out of the page leaves no timer.
            document.body.innerHTML = '';
            vi.advanceTimersByTime(2000);
            expect(vi.getTimerCount()).toBe(0);
        } finally {
            vi.useRealTimers();
        }
    });
});
