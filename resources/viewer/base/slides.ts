import { parsed, phrasesOf, TILES, wantsLessMotion, type Say } from './surroundings';

/** What the viewer shows of one tile; read from the markup, so that page and script agree. */
export interface Slide {
    readonly link: HTMLAnchorElement;
    readonly kind: 'picture' | 'video' | 'text';
    /** The one file that is there in any case. */
    readonly href: string;
    /** Folder of its files, and their widths in px, from narrow to wide. */
    readonly at: string;
    readonly files: readonly number[];
    readonly width: number;
    readonly height: number;
    readonly alt: string;
    readonly title: string;
    /** Its other words, in their order; what they are by name. */
    readonly words: readonly (readonly [string, string])[];
    /** Where it leads, besides. */
    readonly leads: string;
    /** Something shows through it. */
    readonly clear: boolean;
    /** HTML of a text, cleaned when it came in. */
    readonly html: string;
    readonly get: string;
    readonly name: string;
    readonly track: string;
    /** Its address on this page. */
    readonly id: string;
}

/** What a gallery says of its viewer; PHP decides all of it. */
export interface Settings {
    readonly name: string;
    readonly words: 'below' | 'beside' | 'over' | 'asked';
    readonly colour: string;
    readonly letters: string;
    /** Per cent, and px. */
    readonly opacity: number;
    readonly blur: number;
    readonly has: readonly string[];
    /** Times; 0 for its own pixels. */
    readonly most: number;
    /** px across, and times. */
    readonly loupe: readonly [number, number];
    readonly seconds: number;
    readonly sequence: string;
}

export interface Sequence {
    readonly slides: Slide[];
    readonly settings: Settings;
    readonly say: Say;
}

const PLAIN: Settings = {
    name: '',
    words: 'below',
    colour: '#101417',
    letters: '#f4f6f7',
    opacity: 97,
    blur: 0,
    has: ['count', 'arrows'],
    most: 1,
    loupe: [0, 1],
    seconds: 0,
    sequence: '',
};

const SINGLE = 'a[data-zinc-sequence]';

/** What is turned through from one tile on: its gallery or album, or all of the page that bear the same name. */
export function sequenceOf(link: HTMLAnchorElement): Sequence {
    const pane = link.closest<HTMLElement>('[data-zinc-pane]');
    const settings = { ...PLAIN, ...parsed<Settings>(pane?.dataset['viewer']) };
    const name = pane ? settings.sequence : (link.dataset['zincSequence'] ?? '');
    const links = name
        ? linksOf(name)
        : [...((settings.has.includes('apart') ? link.closest('.zp-tiles') : pane)?.querySelectorAll<HTMLAnchorElement>(TILES) ?? [link])];
    const shown = links.filter((one) => one === link || (one.href && !one.dataset['act']));
    const first = pane ?? document.querySelector<HTMLElement>('[data-phrases]');
    return { slides: shown.map(slideOf), settings: pane ? settings : { ...settings, ...settingsOf(first) }, say: phrasesOf(first) };
}

/** Single pictures are shown as the galleries of their page are. */
function settingsOf(pane: HTMLElement | null): Partial<Settings> {
    return { ...parsed<Settings>(pane?.dataset['viewer']), name: document.title };
}

/** All of a page that bear a name, in the order in which they stand. */
function linksOf(name: string): HTMLAnchorElement[] {
    const places = [...document.querySelectorAll<HTMLElement>(`[data-zinc-pane],zinc-gallery,${SINGLE}`)];
    const panes = places.flatMap((place) => (place.shadowRoot ? [...place.shadowRoot.querySelectorAll<HTMLElement>('[data-zinc-pane]')] : [place]));
    return panes.flatMap((pane) => {
        if (pane instanceof HTMLAnchorElement) return pane.dataset['zincSequence'] === name ? [pane] : [];
        return parsed<Settings>(pane.dataset['viewer'])?.sequence === name ? [...pane.querySelectorAll<HTMLAnchorElement>(TILES)] : [];
    });
}

export function slideOf(link: HTMLAnchorElement): Slide {
    const image = link.querySelector('img');
    const { video, text, title, caption, about, credit, facts, link: leads, clear, at, files, get, name, track } = link.dataset;
    // Of one that moves, those who want no motion get the still.
    const moving = link.querySelector<HTMLSourceElement>('source[media]');
    const still = moving && wantsLessMotion() ? moving.srcset.split(', ').pop()?.split(' ')[0] : undefined;
    const words = Object.entries({ caption, about, credit, facts });
    return {
        link,
        kind: video !== undefined ? 'video' : text !== undefined ? 'text' : 'picture',
        href: video ?? still ?? (files ? '' : link.href),
        at: still ? '' : (at ?? ''),
        files: still ? [] : (files ?? '').split(' ').map(Number).filter(Boolean),
        width: Number(image?.getAttribute('width')) || image?.naturalWidth || 1,
        height: Number(image?.getAttribute('height')) || image?.naturalHeight || 1,
        alt: image?.alt ?? '',
        title: title ?? '',
        words: words.filter((word): word is [string, string] => Boolean(word[1])),
        leads: leads ?? '',
        clear: clear !== undefined,
        html: text !== undefined ? (link.parentElement?.querySelector('.zp-words')?.innerHTML ?? '') : '',
        get: get ?? '',
        name: name ?? '',
        track: track ?? '',
        id: link.parentElement?.id.startsWith('zp-') ? link.parentElement.id : '',
    };
}

/** The narrowest file that is at least so wide, else the widest. */
export function fileOf(slide: Slide, px: number): string {
    const width = slide.files.find((one) => one >= px - 0.5) ?? slide.files.at(-1);
    return width === undefined ? slide.href : `${slide.at}/${width}.webp`;
}

/** What the page has of it already, which can be shown at once. */
export function ownFile(slide: Slide): string {
    const image = slide.link.querySelector('img');
    return image?.complete && image.naturalWidth > 0 ? image.currentSrc : '';
}

/** How people are told of it. */
export function nameOf(slide: Slide, say: Say, number: number, count: number): string {
    return slide.title || slide.alt || say('picture', { n: number, m: count });
}
