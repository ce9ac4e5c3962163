import { begin } from './begin';
import { EmbeddedGallery } from './embed';
import { fitFrames } from './frame';
import { fetchesFrom } from './base/loader';

// What pages elsewhere run.
const script = document.currentScript as HTMLScriptElement | null;
fetchesFrom(script?.src ? new URL('/viewer.js', script.src).href : '');
begin();
if (!customElements.get(EmbeddedGallery.tag)) {
    customElements.define(EmbeddedGallery.tag, EmbeddedGallery);
    fitFrames();
}
if (script?.dataset['gallery']) EmbeddedGallery.standIn(script);
