import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { Viewer } from '../../resources/viewer/elements/viewer';
import { enliven } from '../../resources/viewer/pane';
import { sequenceOf } from '../../resources/viewer/base/slides';

const VIEWER = {
    name: 'Kites',
    words: 'below',
    has: ['count', 'arrows', 'sides', 'zoom', 'play', 'again'],
    most: 4,
    seconds: 2,
    colour: '#101417',
    letters: '#ffffff',
    opacity: 97,
    blur: 0,
};
const PHRASES = {
    count: '{n} of {m}',
    picture: 'Picture {n} of {m}',
    play: 'Play slideshow',
    pause: 'Pause slideshow',
    close: 'Close',
    next: 'Next picture',
    title: 'Pictures',
};

const escaped = (json: object): string => JSON.stringify(json).replaceAll('"', '&quot;');

const pane = (
    more: object = {},
    name = 'one',
): string => `<div class="zp" data-zinc-pane data-viewer="${escaped({ ...VIEWER, ...more })}" data-phrases="${escaped(PHRASES)}"><ul class="zp-tiles">
<li id="zp-${name}-a"><a href="/media/one/1500.jpg" data-at="/media/one" data-files="240 800 1500" data-title="Red sail" data-caption="Low tide" data-about="By the dyke" data-credit="M. Reed" data-link="https://saltreed.example/sails/" data-get="/media/one/1500.jpg" data-name="red-sail.jpg" data-clear><picture><source media="(prefers-reduced-motion: reduce)" srcset="/media/one/240.jpg 240w, /media/one/800.jpg 800w"><img alt="A red sail" width="1500" height="1000"></picture></a></li>
<li id="zp-${name}-b"><a href="/pictures/x/b" data-video="/media/two/video.mp4" data-track="/media/two/words.vtt" data-at="/media/two" data-files="240"><img alt="" width="640" height="360"></a></li>
<li id="zp-${name}-c"><div class="zp-words"><h3>Come</h3><ul><li>Sunday</li><li>from ten</li></ul></div><a href="#zp-${name}-c" data-text data-title="Come along"></a></li>
<li id="zp-${name}-d"><a href="https://elsewhere.example" data-act="address"><img alt="Leads away"></a></li>
</ul></div>`;

const links = (): HTMLAnchorElement[] => [...document.querySelectorAll<HTMLAnchorElement>('.zp-tiles>li>a')];
const root = (): ShadowRoot | null => document.querySelector(Viewer.tag)?.shadowRoot ?? null;
const part = <T extends HTMLElement = HTMLElement>(selector: string): T => root()?.querySelector(selector) as T;
const said = (selector: string): string => part(selector)?.textContent ?? '';
const press = (key: string, more: KeyboardEventInit = {}): void =>
    void part('dialog').dispatchEvent(new KeyboardEvent('keydown', { key, cancelable: true, bubbles: true, ...more }));
const open = (index = 0): void => Viewer.open(links()[index] as HTMLAnchorElement);
const put = (html: string): void => void (document.body.innerHTML = html);

beforeAll(() => customElements.define(Viewer.tag, Viewer));
beforeEach(() => {
    // What the test before left open has left its entry, too.
    history.replaceState(null, '', location.pathname);
    put(pane());
    vi.spyOn(HTMLMediaElement.prototype, 'play').mockResolvedValue();
    vi.spyOn(HTMLMediaElement.prototype, 'pause').mockReturnValue();
});
afterEach(() => {
    document.querySelector(Viewer.tag)?.remove();
    document.documentElement.style.direction = '';
});

describe('what is turned through', () => {
    it('is read from the markup, each by its kind, and leaves out what leads elsewhere', () => {
        const { slides, settings, say } = sequenceOf(links()[0] as HTMLAnchorElement);
        expect(slides.map(({ kind, title, alt, files, id }) => [kind, title, alt, files, id])).toEqual([
            ['picture', 'Red sail', 'A red sail', [240, 800, 1500], 'zp-one-a'],
            ['video', '', '', [240], 'zp-one-b'],
            ['text', 'Come along', '', [], 'zp-one-c'],
        ]);
        expect(slides[0]).toMatchObject({
            width: 1500,
            height: 1000,
            clear: true,
            leads: 'https://saltreed.example/sails/',
            get: '/media/one/1500.jpg',
            name: 'red-sail.jpg',
        });
        expect(slides[0]?.words).toEqual([
            ['caption', 'Low tide'],
            ['about', 'By the dyke'],
            ['credit', 'M. Reed'],
        ]);
        expect([slides[1]?.href, slides[1]?.track, slides[2]?.html]).toEqual([
            '/media/two/video.mp4',
            '/media/two/words.vtt',
            '<h3>Come</h3><ul><li>Sunday</li><li>from ten</li></ul>',
        ]);
        expect([settings.name, say('picture', { n: 2, m: 3 }), say('unheard')]).toEqual(['Kites', 'Picture 2 of 3', 'unheard']);
    });

    it('is the still of one that moves, for those who want less motion', () => {
        vi.stubGlobal('matchMedia', () => ({ matches: true }));
        const [first] = sequenceOf(links()[0] as HTMLAnchorElement).slides;
        expect([first?.href, first?.files]).toEqual(['/media/one/800.jpg', []]);
        vi.unstubAllGlobals();
    });

    it('is one gallery, one album, or all of a page that bear a name, single pictures among them, in the order of the page', () => {
        put(
            `${pane({ sequence: 'walk' }, 'one')}<a data-zinc-sequence="walk" href="/alone.jpg"><img alt="Alone"></a><a data-zinc-sequence="other" href="/x.jpg"></a>${pane({}, 'two')}${pane({ sequence: 'walk' }, 'three')}`,
        );
        const of = (index: number): string[] => sequenceOf(links()[index] as HTMLAnchorElement).slides.map(({ id, alt }) => id || alt);
        expect(of(0)).toEqual(['zp-one-a', 'zp-one-b', 'zp-one-c', 'Alone', 'zp-three-a', 'zp-three-b', 'zp-three-c']);
        expect(of(4)).toEqual(['zp-two-a', 'zp-two-b', 'zp-two-c']);
        const alone = document.querySelector('a[data-zinc-sequence=walk]') as HTMLAnchorElement;
        expect(sequenceOf(alone).slides).toHaveLength(7);
        put(pane({ has: ['apart'] }).replace(/<\/ul><\/div>$/, '</ul><ul class="zp-tiles"><li id="zp-one-e"><a href="/e.jpg"></a></li></ul></div>'));
        expect(of(0)).toEqual(['zp-one-a', 'zp-one-b', 'zp-one-c']);
        expect(of(4)).toEqual(['zp-one-e']);
    });

    it('takes broken words of a gallery for none', () => {
        put(pane().replace(/data-viewer="[^"]*"/, 'data-viewer="{broken"'));
        expect(sequenceOf(links()[0] as HTMLAnchorElement).settings).toMatchObject({ name: '', most: 1 });
    });
});

describe('the large view', () => {
    it('shows what was clicked with its words, and goes round', () => {
        open();
        expect([said('.count'), said('.said h2'), said('.said .credit'), part('dialog').getAttribute('aria-label') ?? part('dialog').ariaLabel]).toEqual([
            '1 of 3',
            'Red sail',
            'M. Reed',
            'Kites',
        ]);
        expect([part('.said a').getAttribute('href'), said('.said a')]).toEqual(['https://saltreed.example/sails/', 'saltreed.example/sails']);
        expect([part<HTMLAnchorElement>('.download').hidden, part<HTMLAnchorElement>('.download').download]).toEqual([false, 'red-sail.jpg']);
        press('ArrowRight');
        press('ArrowRight');
        expect([said('.count'), said('.text li:last-child'), part('.download').hidden]).toEqual(['3 of 3', 'from ten', true]);
        press('ArrowRight');
        expect(said('.count')).toBe('1 of 3');
        press('End');
        expect(said('.count')).toBe('3 of 3');
        press('2');
        expect(said('.count')).toBe('2 of 3');
        press('9');
        press('9');
        expect(said('.count')).toBe('3 of 3');
    });

    it('keeps no more than three pictures, however many there are', () => {
        put(
            pane().replace(
                /<li id="zp-one-b">[\s\S]*?<\/ul><\/div>$/,
                Array.from(
                    { length: 1000 },
                    (_, n) =>
                        `<li id="zp-one-${n}"><a href="/${n}.jpg" data-at="/media/${n}" data-files="240 800"><img alt="${n}" width="3" height="2"></a></li>`,
                ).join(''),
            ),
        );
        open(400);
        for (let n = 0; n < 30; n++) press('ArrowRight');
        expect(said('.count')).toBe('431 of 1001');
        expect(root()?.querySelectorAll('.frame')).toHaveLength(3);
        for (let n = 0; n < 7; n++) press('ArrowLeft');
        press('Home');
        expect(root()?.querySelectorAll('.frame')).toHaveLength(3);
    });

    it('stops at the ends where that is set, and says so on the buttons', () => {
        put(pane({ has: ['count', 'arrows'] }));
        open();
        expect([part('.previous').ariaDisabled, part('.next').ariaDisabled]).toEqual(['true', 'false']);
        press('ArrowLeft');
        expect(said('.count')).toBe('1 of 3');
        press('End');
        press('ArrowRight');
        expect([said('.count'), part('.previous').ariaDisabled, part('.next').ariaDisabled]).toEqual(['3 of 3', 'false', 'true']);
    });

    it('goes the other way in a page that is read from the right, and leaves keys with others to the browser', () => {
        document.documentElement.style.direction = 'rtl';
        open();
        press('ArrowLeft');
        expect(said('.count')).toBe('2 of 3');
        press('ArrowRight', { ctrlKey: true });
        press('ArrowRight', { altKey: true });
        expect(said('.count')).toBe('2 of 3');
        press('ArrowRight');
        expect(said('.count')).toBe('1 of 3');
    });

    it('tells each change with number, name and words, once', async () => {
        vi.useFakeTimers();
        open();
        await vi.advanceTimersByTimeAsync(100);
        expect(said('.live')).toBe('Picture 1 of 3. Red sail. Low tide. By the dyke. M. Reed');
        press('ArrowRight');
        await vi.advanceTimersByTimeAsync(100);
        // One without any words is told by its number, and not twice.
        expect(said('.live')).toBe('Picture 2 of 3');
        vi.useRealTimers();
    });

    it('names every picture, decorative ones too', () => {
        open();
        expect(root()?.querySelector('.pic')?.getAttribute('aria-label')).toBe('A red sail');
        press('ArrowRight');
        expect(root()?.querySelector('.frame:not([style*=hidden]) video')?.getAttribute('aria-label')).toBe('Picture 2 of 3');
        expect(root()?.querySelector('track')?.getAttribute('src')).toBe('/media/two/words.vtt');
    });

    it('has only the controls that the gallery asks for', () => {
        put(pane({ has: [], words: 'asked', most: 1 }));
        open();
        for (const name of ['count', 'previous', 'next', 'in', 'out', 'slider', 'loupe', 'play', 'full', 'share'])
            expect(part(`.${name}`).hidden, name).toBe(true);
        expect([part('.close').hidden, part('button.words').hidden, part('.said').hidden]).toEqual([false, false, true]);
        part('button.words').click();
        expect([part('.said').hidden, part('button.words').ariaExpanded]).toEqual([false, 'true']);
    });

    it('takes words as words, whatever they hold', () => {
        (links()[0] as HTMLElement).dataset['title'] = '<img src=x onerror=alert(1)>';
        open();
        expect(said('.said h2')).toBe('<img src=x onerror=alert(1)>');
        expect(root()?.querySelector('.said img')).toBeNull();
    });

    it('has an address for each picture, which "back" closes, and leaves nothing behind', () => {
        put(pane({ has: ['share', 'count', 'again'] }));
        const before = history.length;
        open(1);
        expect(location.hash).toBe('#zp-one-b');
        press('ArrowRight');
        press('ArrowLeft');
        expect([location.hash, history.length - before]).toEqual(['#zp-one-b', 1]);
        history.replaceState({}, '', location.pathname);
        window.dispatchEvent(new PopStateEvent('popstate'));
        expect(root()).toBeNull();
        expect(document.activeElement).toBe(links()[1]);
    });

    it('plays until it is held, and leaves no timer', async () => {
        vi.useFakeTimers();
        open();
        const play = part('.play');
        play.click();
        expect(play.getAttribute('aria-label')).toBe('Pause slideshow');
        await vi.advanceTimersByTimeAsync(2100);
        expect(said('.count')).toBe('2 of 3');
        vi.spyOn(document, 'hidden', 'get').mockReturnValue(true);
        await vi.advanceTimersByTimeAsync(6000);
        expect(said('.count')).toBe('2 of 3');
        document.querySelector(Viewer.tag)?.remove();
        await vi.advanceTimersByTimeAsync(200);
        expect(vi.getTimerCount()).toBe(0);
        vi.useRealTimers();
    });
});

describe('a click on a tile', () => {
    it('is left to the browser with a key, with another button, and where it leads elsewhere', () => {
        enliven(document.querySelector('[data-zinc-pane]') as HTMLElement);
        document.addEventListener('click', (event) => event.preventDefault(), { once: false });
        for (const more of [{ ctrlKey: true }, { metaKey: true }, { shiftKey: true }, { altKey: true }, { button: 1 }]) {
            links()[0]?.dispatchEvent(new MouseEvent('click', { bubbles: true, cancelable: true, composed: true, ...more }));
        }
        links()[3]?.dispatchEvent(new MouseEvent('click', { bubbles: true, cancelable: true, composed: true }));
        expect(root()).toBeNull();
    });

    it('opens the large view once its part of the script is there', async () => {
        enliven(document.querySelector('[data-zinc-pane]') as HTMLElement);
        links()[0]?.dispatchEvent(new MouseEvent('click', { bubbles: true, cancelable: true, composed: true }));
        await vi.waitFor(() => expect(said('.count')).toBe('1 of 3'));
    });
});
