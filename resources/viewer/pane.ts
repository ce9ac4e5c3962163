import { noted, viewer } from './base/loader';
import { enlivenMore, enlivenTabs } from './reveal';
import { Strip } from './strip';
import { TILES } from './base/surroundings';

const panes = new WeakSet<Element>();
const heard = new WeakSet<Element>();

/** Whether a click is meant for the page, and not for a new tab or window. */
function isPlain({ button, ctrlKey, metaKey, shiftKey, altKey }: MouseEvent): boolean {
    return button === 0 && !ctrlKey && !metaKey && !shiftKey && !altKey;
}

/** The tile's link that an event came from, where a script shows what it leads to. */
function shownBy(event: Event): HTMLAnchorElement | null {
    const [from] = event.composedPath();
    const link = from instanceof Element ? from.closest<HTMLAnchorElement>(`${TILES},a[data-zinc-sequence]`) : null;
    return link && ['', 'place'].includes(link.dataset['act'] ?? '') && link.href ? link : null;
}

/** Lets clicks on the tiles of a pane open the viewer, and strips be stepped; without it they are plain links. */
export function enliven(pane: Element): void {
    if (panes.has(pane)) return;
    panes.add(pane);
    pane.querySelectorAll<HTMLElement>('[data-strip]').forEach((list) => Strip.enliven(list, pane));
    enlivenMore(pane);
    enlivenTabs(pane);
    listen(pane);
    const needs = (pane as HTMLElement).dataset['viewer'] ?? '';
    if (needs.includes('"tileLoupe"')) void viewer().then((part) => part.lend(pane as HTMLElement), noted);
}

/** Hears clicks, and fetches what they need before they come. */
export function listen(place: Element): void {
    if (heard.has(place)) return;
    heard.add(place);
    const fetch = (event: Event): void => {
        if (shownBy(event)) void viewer().catch(noted);
    };
    place.addEventListener('pointerover', fetch);
    place.addEventListener('focusin', fetch);
    place.addEventListener('click', (event) => {
        const link = shownBy(event);
        if (!link || !isPlain(event as MouseEvent)) return;
        event.preventDefault();
        viewer().then(
            (part) => (link.dataset['act'] === 'place' ? part.grow(link) : part.open(link)),
            () => location.assign(link.href),
        );
    });
}

/** A tile by the address of its picture on this page, in galleries of other hosts too. */
export function tileAt(hash: string): HTMLAnchorElement | null {
    let id = '';
    try {
        id = decodeURIComponent(hash.slice(1));
    } catch {
        return null;
    }
    if (!id.startsWith('zp-')) return null;
    const roots = [document, ...[...document.querySelectorAll('zinc-gallery')].map(({ shadowRoot }) => shadowRoot)];
    for (const root of roots) {
        const link = root?.getElementById(id)?.querySelector<HTMLAnchorElement>(':scope>a');
        if (link?.closest('[data-viewer]') && !link.dataset['act']) return link;
    }
    return null;
}
