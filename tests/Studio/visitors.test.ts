import fc from 'fast-check';
import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { EmbeddedGallery } from '../../resources/viewer/embed';
import { indexAfter, intentOfKey, intentOfSwipe } from '../../resources/viewer/intents';
import { Lightbox } from '../../resources/viewer/lightbox';
import { enliven } from '../../resources/viewer/pane';
import { slidesOf } from '../../resources/viewer/slides';
import { Strip } from '../../resources/viewer/strip';

const PANE = `<div data-zinc-pane><ul class="zp-tiles">
<li><a href="/media/one/2400.jpg" data-title="Red sail" data-caption="Low tide" data-about="By the dyke" data-credit="M. Reed" data-link="https://saltreed.example/sails/" data-clear><picture><source media="(prefers-reduced-motion: reduce)" type="image/jpeg" srcset="/media/one/540.jpg 540w"><source type="image/webp" srcset="/media/one/800.webp 800w"><img alt="A red sail" width="1500" height="1000"></picture></a></li>
<li><a href="/media/two.mp4" data-video><img alt="" width="640" height="360"></a></li>
<li><a href="#text" data-text data-title="Come along"></a><div class="zp-words"><p>Sunday, <b>from ten</b>.</p></div></li>
</ul></div>`;

function pane(html = PANE): HTMLElement {
    document.body.innerHTML = html;
    return document.body.firstElementChild as HTMLElement;
}

const lightbox = (): ShadowRoot | null => document.querySelector(Lightbox.tag)?.shadowRoot ?? null;
const shown = (selector: string): string => lightbox()?.querySelector(selector)?.textContent ?? '';

beforeAll(() => {
    for (const part of [Lightbox, EmbeddedGallery]) customElements.define(part.tag, part);
});

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

describe('slides', () => {
    it('are read from the markup, each by its kind', () => {
        const [picture, video, text] = slidesOf(pane());
        expect(picture).toMatchObject({
            kind: 'picture',
            width: 1500,
            height: 1000,
            alt: 'A red sail',
            title: 'Red sail',
            caption: 'Low tide\nBy the dyke',
            credit: 'M. Reed',
            webp: '/media/one/800.webp 800w',
            html: '',
            leads: 'https://saltreed.example/sails/',
            clear: true,
        });
        // Who wants no motion gets the still of one that moves.
        vi.stubGlobal('matchMedia', () => ({ matches: true }));
        expect(slidesOf(pane())[0]?.webp).toBe('');
        vi.unstubAllGlobals();
        expect(video).toMatchObject({ kind: 'video', title: '', caption: '' });
        expect(text).toMatchObject({ kind: 'text', title: 'Come along', html: '<p>Sunday, <b>from ten</b>.</p>', width: 1, height: 1 });
    });
});

describe('what goes with a picture', () => {
    it('is a link that says where it leads, and what shows through it stands on a light ground', () => {
        Lightbox.open(slidesOf(pane()), 0);
        const link = lightbox()?.querySelector<HTMLAnchorElement>('.words a');
        expect([link?.hidden, link?.getAttribute('href'), link?.textContent]).toEqual([false, 'https://saltreed.example/sails/', 'saltreed.example/sails']);
        expect(lightbox()?.querySelector('dialog')?.classList.contains('clear')).toBe(true);
        lightbox()?.querySelector<HTMLElement>('.next')?.click();
        expect([link?.hidden, lightbox()?.querySelector('dialog')?.classList.contains('clear')]).toEqual([true, false]);
        document.querySelector(Lightbox.tag)?.remove();
    });
});

describe('the lightbox', () => {
    const press = (key: string): void =>
        void lightbox()
            ?.querySelector('dialog')
            ?.dispatchEvent(new KeyboardEvent('keydown', { key, cancelable: true }));
    const open = (index = 0): HTMLAnchorElement => {
        const links = [...document.querySelectorAll<HTMLAnchorElement>('.zp-tiles a')];
        (links[index] as HTMLAnchorElement).dispatchEvent(new MouseEvent('click', { bubbles: true, cancelable: true, button: 0 }));
        return links[index] as HTMLAnchorElement;
    };

    beforeEach(() => enliven(pane()));
    afterEach(() => {
        document.documentElement.removeAttribute('dir');
        document.documentElement.style.direction = '';
    });

    it('shows what was clicked, and goes round', () => {
        open();
        expect([shown('.count'), shown('.words b'), shown('.words i')]).toEqual(['1 of 3', 'Red sail', 'M. Reed']);
        press('ArrowRight');
        press('ArrowRight');
        expect([shown('.count'), shown('.text')]).toEqual(['3 of 3', 'Sunday, from ten.']);
        press('ArrowRight');
        expect(shown('.count')).toBe('1 of 3');
        press('End');
        expect(shown('.count')).toBe('3 of 3');
    });

    it('goes the other way in a page that is read from the right', () => {
        document.documentElement.style.direction = 'rtl';
        open();
        press('ArrowLeft');
        expect(shown('.count')).toBe('2 of 3');
        press('ArrowRight');
        expect(shown('.count')).toBe('1 of 3');
    });

    it('leaves a click with a key, or on something else, to the browser', () => {
        const link = document.querySelector('.zp-tiles a') as HTMLElement;
        for (const more of [{ ctrlKey: true }, { metaKey: true }, { shiftKey: true }, { altKey: true }, { button: 1 }]) {
            const click = new MouseEvent('click', { bubbles: true, cancelable: true, ...more });
            document.addEventListener('click', (event) => event.preventDefault(), { once: true });
            link.dispatchEvent(click);
            expect(lightbox()).toBeNull();
        }
    });

    it('takes words as words, whatever they hold', () => {
        (document.querySelector('.zp-tiles a') as HTMLElement).dataset['title'] = '<img src=x onerror=alert(1)>';
        open();
        expect(shown('.words b')).toBe('<img src=x onerror=alert(1)>');
        expect(lightbox()?.querySelector('.words img')).toBeNull();
    });

    it('gives the focus back to where it came from', () => {
        const link = open(1);
        window.dispatchEvent(new PopStateEvent('popstate'));
        expect(lightbox()).toBeNull();
        expect(document.activeElement).toBe(link);
    });
});

describe('an embedded gallery', () => {
    const stand = async (answer: Response | Error): Promise<ShadowRoot | null> => {
        vi.stubGlobal('fetch', () => (answer instanceof Error ? Promise.reject(answer) : Promise.resolve(answer)));
        document.body.innerHTML = '<zinc-gallery gallery="a/../b" host="https://kites.example"></zinc-gallery>';
        await new Promise((resolve) => setTimeout(resolve, 5));
        return document.querySelector('zinc-gallery')?.shadowRoot ?? null;
    };

    it('stands in a root of its own, with addresses of its own host', async () => {
        const root = await stand(new Response(JSON.stringify({ html: '<div data-zinc-pane><img src="{{host}}/media/a.jpg"></div>', css: '.zp{gap:1px}' })));
        expect(root?.querySelector('img')?.getAttribute('src')).toBe('https://kites.example/media/a.jpg');
        expect(root?.querySelector('style')?.textContent).toContain('.zp{gap:1px}');
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
        await new Promise((resolve) => setTimeout(resolve, 5));
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
        Strip.enliven(list);
        return { list, scrolled, press: (key) => void list.dispatchEvent(new KeyboardEvent('keydown', { key, cancelable: true })) };
    }
    const button = (name: string): HTMLButtonElement => document.querySelector(`[aria-label="${name}"]`) as HTMLButtonElement;

    it.each([
        ['ltr', 'ArrowRight', 'ArrowLeft'],
        ['rtl', 'ArrowLeft', 'ArrowRight'],
    ] as const)('is stepped tile by tile and back, read %s', (direction, on, back) => {
        const { scrolled, press } = strip(direction);
        expect([button('Previous pictures').disabled, button('Next pictures').disabled]).toEqual([true, false]);
        press(on);
        press(on);
        expect(scrolled).toEqual([300, 500]);
        expect([button('Previous pictures').disabled, button('Next pictures').disabled]).toEqual([false, true]);
        press(back);
        button('Previous pictures').click();
        expect(scrolled.slice(2)).toEqual([300, 0]);
        press('x');
        expect(scrolled).toHaveLength(4);
    });

    it('is made alive once, and not where there is nothing to step to', () => {
        const { list } = strip('ltr');
        Strip.enliven(list);
        expect(document.querySelectorAll('.zp-step')).toHaveLength(2);
        document.body.innerHTML = '<div><ul data-strip><li></li></ul></div>';
        Strip.enliven(document.querySelector('ul') as HTMLElement);
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
        } finally {
            vi.useRealTimers();
        }
    });
});
