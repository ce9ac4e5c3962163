import { EmbeddedGallery } from './embed';
import { Lightbox } from './lightbox';
import { enliven } from './pane';

// The same file may be on a page several times: once for each embed.
const script = document.currentScript as HTMLScriptElement | null;

for (const part of [Lightbox, EmbeddedGallery]) {
    if (!customElements.get(part.tag)) customElements.define(part.tag, part);
}

if (script?.dataset['gallery']) EmbeddedGallery.standIn(script);
else document.querySelectorAll('div[data-zinc-pane]').forEach(enliven);

// A pane that is put into the page later says so.
document.addEventListener('zinc-pane', ({ target }) => {
    if (target instanceof Element) enliven(target);
});
