import { EmbeddedGallery } from './embed';
import { fitFrames, tellHeight } from './frame';
import { fetchesFrom, noted, viewer } from './loader';
import { enliven, listen, tileAt } from './pane';

// The same file may be on a page several times: once for each embed.
const script = document.currentScript as HTMLScriptElement | null;
const isFirst = !customElements.get(EmbeddedGallery.tag);
fetchesFrom(script?.dataset['viewer'] ?? (script?.src ? new URL('/viewer.js', script.src).href : ''));

if (isFirst) customElements.define(EmbeddedGallery.tag, EmbeddedGallery);

if (script?.dataset['gallery']) EmbeddedGallery.standIn(script);
else {
    document.querySelectorAll('div[data-zinc-pane]').forEach(enliven);
    document.querySelectorAll('a[data-zinc-sequence]').forEach(listen);
}

/** An address of a picture opens it, whenever it comes to be the address. */
function openByAddress(): void {
    const link = document.querySelector('zinc-viewer') ? null : tileAt(location.hash);
    if (link) void viewer().then((part) => part.open(link), noted);
}

if (isFirst) {
    // A pane that is put into the page later says so.
    document.addEventListener('zinc-pane', (event) => {
        const [pane] = event.composedPath();
        if (!(pane instanceof Element)) return;
        enliven(pane);
        openByAddress();
    });
    window.addEventListener('popstate', openByAddress);
    tellHeight();
    fitFrames();
    openByAddress();
    // In an idle moment, for whoever comes by touch: a finger does not point before it presses.
    const fetch = (): void => void (document.querySelector('[data-viewer]') && viewer().catch(noted));
    window.addEventListener('load', () => ('requestIdleCallback' in window ? requestIdleCallback(fetch) : setTimeout(fetch, 2000)), { once: true });
}
