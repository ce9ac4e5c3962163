import { fetchesFrom } from './loader';
import { SHIELD, WISH } from './styles';
import { adopt } from './surroundings';

/** Languages that visitors are spoken to in, as there are files of them. */
declare const LANGUAGES: string[];

interface Embedded {
    html: string;
    css: string;
}

/** Stands in the markup for the address of the gallery's own host. */
const HOST = '{{host}}';

/** A gallery on a page elsewhere, out of reach of that page's styles. */
export class EmbeddedGallery extends HTMLElement {
    static readonly tag = 'zinc-gallery';

    connectedCallback(): void {
        if (!this.shadowRoot) void this.load();
    }

    private async load(): Promise<void> {
        const root = this.attachShadow({ mode: 'open' });
        const host = this.getAttribute('host') ?? '';
        try {
            const gallery = encodeURIComponent(this.getAttribute('gallery') ?? '');
            const answer = await fetch(`${host}/embed/${gallery}${this.language}.json`);
            if (!answer.ok) throw new Error(`status ${answer.status}`);
            // Where the script element did not tell: it was loaded as a module, say.
            fetchesFrom(`${host}/viewer.js`);
            const { html, css } = (await answer.json()) as Embedded;
            adopt(root, SHIELD + css.replaceAll(HOST, host));
            root.innerHTML = WISH + html.replaceAll(HOST, host);
            EmbeddedGallery.measure(root);
            root.querySelectorAll('[data-zinc-pane]').forEach((pane) => pane.dispatchEvent(new CustomEvent('zinc-pane', { bubbles: true, composed: true })));
            root.querySelectorAll('[data-arrival]').forEach((pane) => EmbeddedGallery.arrive(pane, host));
        } catch (error) {
            console.warn('This gallery is not live, or its host cannot be reached.', error);
        }
    }

    /** Of the page it stands on, where there are words in it. */
    private get language(): string {
        const said = this.closest('[lang]')?.getAttribute('lang')?.split('-')[0]?.toLowerCase() ?? '';
        return LANGUAGES.includes(said) ? `.${said}` : '';
    }

    /**
     * How wide the place is on a page elsewhere nobody knew when the gallery was put live. Browsers choose files only
     * after the script that put the pictures there (https://html.spec.whatwg.org/#await-a-stable-state), so this is
     * in time; said as a share of the window it holds when that changes.
     */
    private static measure(root: ShadowRoot): void {
        const sources = [...root.querySelectorAll<HTMLSourceElement>('source[sizes]:not([sizes^="auto"])')];
        const widths = sources.map(({ parentElement: picture }) => {
            const image = picture?.querySelector('img');
            if (!image) return 0;
            const { width, height } = image.getBoundingClientRect();
            // What covers its place is drawn wider than that.
            return getComputedStyle(image).objectFit === 'cover'
                ? Math.max(width, (height * Number(image.getAttribute('width'))) / Number(image.getAttribute('height')))
                : width;
        });
        sources.forEach((source, index) => {
            const width = widths[index] ?? 0;
            if (width > 0) source.sizes = `${((100 * width) / innerWidth).toFixed(2)}vw`;
        });
    }

    /** What arrival needs of script comes only where tiles arrive, once for all galleries of the page. */
    private static arrive(pane: Element, host: string): void {
        const src = `${host}/arrival.js`;
        const known = [...document.scripts].find((script) => script.src === src);
        const script = known ?? Object.assign(document.createElement('script'), { src, async: true });
        const tell = (): boolean => pane.dispatchEvent(new CustomEvent('zinc-arrival', { bubbles: true, composed: true }));
        script.addEventListener('load', tell);
        if (known) tell();
        else document.head.append(script);
    }

    /** Puts a gallery where its script element stands. */
    static standIn(script: HTMLScriptElement): void {
        const gallery = document.createElement(EmbeddedGallery.tag);
        gallery.setAttribute('gallery', script.dataset['gallery'] ?? '');
        gallery.setAttribute('host', new URL(script.src).origin);
        script.after(gallery);
    }
}
