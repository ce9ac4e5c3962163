/** What the lightbox shows of one tile; read from the markup, so that page and script agree. */
export interface Slide {
    readonly link: HTMLAnchorElement;
    readonly href: string;
    readonly webp: string;
    readonly fallback: string;
    readonly width: number;
    readonly height: number;
    readonly alt: string;
    readonly title: string;
    readonly caption: string;
}

export function slidesOf(pane: Element): Slide[] {
    return [...pane.querySelectorAll('a')].map((link) => {
        const image = link.querySelector('img');
        return {
            link,
            href: link.href,
            webp: link.querySelector('source')?.srcset ?? '',
            fallback: image?.srcset ?? '',
            width: Number(image?.getAttribute('width')) || 1,
            height: Number(image?.getAttribute('height')) || 1,
            alt: image?.alt ?? '',
            title: link.dataset['title'] ?? '',
            caption: link.dataset['caption'] ?? '',
        };
    });
}
