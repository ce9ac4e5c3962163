/** What the lightbox shows of one tile; read from the markup, so that page and script agree. */
export interface Slide {
    readonly link: HTMLAnchorElement;
    readonly kind: 'picture' | 'video' | 'text';
    readonly href: string;
    readonly webp: string;
    readonly width: number;
    readonly height: number;
    readonly alt: string;
    readonly title: string;
    readonly caption: string;
    readonly credit: string;
    /** Where it leads, besides. */
    readonly leads: string;
    /** Something shows through it. */
    readonly clear: boolean;
    /** HTML of a text, cleaned when it came in. */
    readonly html: string;
}

export function slidesOf(pane: Element): Slide[] {
    return [...pane.querySelectorAll<HTMLAnchorElement>('.zp-tiles>li>a')].map((link) => {
        const image = link.querySelector('img');
        const { video, text, title, caption, about, credit, link: leads, clear } = link.dataset;
        const source = link.querySelector<HTMLSourceElement>('source[type="image/webp"]');
        // Of one that moves, those who want no motion get the still.
        const still = link.querySelector('source[media]') !== null && matchMedia('(prefers-reduced-motion: reduce)').matches;
        return {
            link,
            kind: video !== undefined ? 'video' : text !== undefined ? 'text' : 'picture',
            href: link.href,
            webp: still ? '' : (source?.srcset ?? ''),
            width: Number(image?.getAttribute('width')) || 1,
            height: Number(image?.getAttribute('height')) || 1,
            alt: image?.alt ?? '',
            title: title ?? '',
            caption: [caption, about].filter(Boolean).join('\n'),
            credit: credit ?? '',
            leads: leads ?? '',
            clear: clear !== undefined,
            html: text !== undefined ? (link.parentElement?.querySelector('.zp-words')?.innerHTML ?? '') : '',
        };
    });
}
