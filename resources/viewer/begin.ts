import { noted, viewer } from './base/loader';
import { enliven, listen, tileAt } from './pane';

/** The script may be on a page several times: once for each embed, and of several hosts. The first that comes serves all. */
const BEGUN = Symbol.for('zinc-pane.begun');

/** Serves what stands on the page now, is still to be read, or is put there later; false where another copy does. */
export function begin(): boolean {
    const page = window as { [BEGUN]?: boolean };
    if (page[BEGUN]) return false;
    page[BEGUN] = true;
    // A pane that is put into the page later says so.
    document.addEventListener('zinc-pane', (event) => {
        const [pane] = event.composedPath();
        if (!(pane instanceof Element)) return;
        enliven(pane);
        openByAddress();
    });
    window.addEventListener('popstate', openByAddress);
    if (document.readyState === 'loading') document.addEventListener('DOMContentLoaded', serve);
    serve();
    // In an idle moment, for whoever comes by touch: a finger does not point before it presses.
    const fetch = (): void => void (document.querySelector('[data-viewer]') && viewer().catch(noted));
    window.addEventListener('load', () => ('requestIdleCallback' in window ? requestIdleCallback(fetch) : setTimeout(fetch, 2000)), { once: true });
    return true;
}

function serve(): void {
    document.querySelectorAll('div[data-zinc-pane]').forEach(enliven);
    document.querySelectorAll('a[data-zinc-sequence]').forEach(listen);
    openByAddress();
}

/** An address of a picture opens it, whenever it comes to be the address. */
function openByAddress(): void {
    const link = document.querySelector('zinc-viewer') ? null : tileAt(location.hash);
    if (link) void viewer().then((part) => part.open(link), noted);
}
