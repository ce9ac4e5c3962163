import { fetchesFrom, noted } from './base/loader';
import { adopt } from './base/surroundings';
import { fill, scriptFrom } from './base/trusted';

/** Languages that visitors are spoken to in, as there are files of them. */
declare const LANGUAGES: string[];

/** Of a gallery, or what is said in its place. */
interface Embedded {
    html: string;
    css: string;
    said?: string;
}

/** Stands in the markup for the address of the gallery's own host. */
const HOST = '{{host}}';

const ROOM = ':host{display:block!important;float:none!important}:host([hidden]){display:none!important}.wish{display:block;max-width:100%;height:0}';

/** Asks for room as a wide picture does, which takes what there is and forces nothing open. */
function wish(): SVGElement {
    const svg = document.createElementNS('http://www.w3.org/2000/svg', 'svg');
    for (const [name, value] of Object.entries({ class: 'wish', width: '2560', height: '0', 'aria-hidden': 'true' })) svg.setAttribute(name, value);
    return svg;
}

/** A gallery on a page elsewhere, out of reach of that page's styles. */
export class EmbeddedGallery extends HTMLElement {
    static readonly tag = 'zinc-gallery';
    private off = new AbortController();
    private isFilled = false;

    connectedCallback(): void {
        // Put back, or put elsewhere: what is in it is there still.
        if (this.isFilled) return this.tellStrips('zinc-back');
        // In the studio it comes with all that is in it.
        if (this.shadowRoot && this.hasAttribute('drawn')) return this.enliven(this.shadowRoot);
        this.off = new AbortController();
        void this.load(this.off.signal);
        // Whoever left the page before it had come, and comes back to it as it was.
        const again = ({ persisted }: PageTransitionEvent): void => void (persisted && !this.isFilled && this.load(this.off.signal));
        window.addEventListener('pageshow', again, { signal: this.off.signal });
    }

    disconnectedCallback(): void {
        this.off.abort();
        this.tellStrips('zinc-gone');
    }

    private tellStrips(what: string): void {
        this.shadowRoot?.querySelectorAll('.zp-strip').forEach((strip) => strip.dispatchEvent(new Event(what)));
    }

    private async load(signal: AbortSignal): Promise<void> {
        // The room that the page keeps for it stands in a root that the browser made.
        const root = this.shadowRoot ?? this.attachShadow({ mode: 'open' });
        // What stands in a line, or floats with nothing in it, has no width to be measured; the piece that was copied brings this along.
        adopt(root, ROOM);
        if (!root.hasChildNodes()) root.append(wish());
        try {
            const answer = await this.asked(signal);
            await this.width(signal);
            if (answer.said !== undefined) this.say(root, answer.said);
            else this.show(root, answer);
        } catch (error) {
            if (!signal.aborted) noted(error);
        }
    }

    /** What its host answers; one that has no such gallery, or does not let this page have it, says so in words. */
    private async asked(signal: AbortSignal): Promise<Embedded> {
        const { gallery, host } = this;
        if (!gallery) throw new Error('This piece of a page has lost which gallery it is of; copy it anew.');
        const answer = await fetch(`${host}/embed/${encodeURIComponent(gallery)}${this.language}.json`, { signal });
        const said = (await answer.json()) as Embedded;
        if (!answer.ok && said.said === undefined) throw new Error(`${host} answered ${answer.status}`);
        return said;
    }

    /** Where there is none to be seen, nothing is known of how wide anything would be. */
    private async width(signal: AbortSignal): Promise<void> {
        if (this.clientWidth > 0) return;
        await new Promise<void>((resolve, reject) => {
            const seen = new ResizeObserver(() => {
                if (this.clientWidth > 0) stop(resolve);
            });
            const stop = (end: () => void): void => {
                seen.disconnect();
                end();
            };
            seen.observe(this);
            signal.addEventListener('abort', () => stop(() => reject(new Error('It is gone.'))), { once: true });
        });
    }

    private say(root: ShadowRoot, said: string): void {
        const words = document.createElement('p');
        words.textContent = said;
        root.replaceChildren(words);
    }

    private show(root: ShadowRoot, { html, css }: Embedded): void {
        const { host } = this;
        // Where the script element did not tell: it was loaded as a module, say.
        fetchesFrom(`${host}/viewer.js`);
        adopt(root, css.replaceAll(HOST, host));
        fill(root, html.replaceAll(HOST, host));
        this.enliven(root);
        root.querySelectorAll('[data-arrival]').forEach((pane) => EmbeddedGallery.arrive(pane, host));
    }

    private enliven(root: ShadowRoot): void {
        this.isFilled = true;
        EmbeddedGallery.measure(root);
        root.querySelectorAll('[data-zinc-pane]').forEach((pane) => pane.dispatchEvent(new CustomEvent('zinc-pane', { bubbles: true, composed: true })));
    }

    /** Of the link in it, where the attribute was taken away. */
    private get gallery(): string {
        return this.getAttribute('gallery') ?? /\/embed\/([0-9a-z]+)$/.exec(this.link?.href ?? '')?.[1] ?? '';
    }

    /** The same; else whoever brought this script. */
    private get host(): string {
        const script = document.querySelector<HTMLScriptElement>('script[src$="/embed.js"]');
        const from = this.getAttribute('host') ?? this.link?.href ?? script?.src;
        return from ? new URL(from, document.baseURI).origin : '';
    }

    private get link(): HTMLAnchorElement | null {
        return this.querySelector('a');
    }

    /** Of the page it stands on, where there are words in it. */
    private get language(): string {
        const said = this.closest('[lang]')?.getAttribute('lang')?.split('-')[0]?.toLowerCase() ?? '';
        return LANGUAGES.includes(said) ? `.${said}` : '';
    }

    /**
     * How wide the place is on a page elsewhere nobody knew when the gallery was put live. Browsers choose files only
     * after the script that put the pictures there (https://html.spec.whatwg.org/#await-a-stable-state), so this is
     * in time; said as a share of the window it holds when that changes. Where a browser measures by itself, that goes first.
     */
    private static measure(root: ShadowRoot): void {
        const sources = [...root.querySelectorAll<HTMLSourceElement>('source[sizes]')];
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
            if (width > 0) source.sizes = `${source.sizes.startsWith('auto') ? 'auto, ' : ''}${((100 * width) / innerWidth).toFixed(2)}vw`;
        });
    }

    /** What arrival needs of script comes only where tiles arrive, once for all galleries of the page. */
    private static arrive(pane: Element, host: string): void {
        const src = `${host}/arrival.js`;
        const known = [...document.scripts].find((script) => script.src === src);
        const script = known ?? Object.assign(scriptFrom(src), { async: true });
        const tell = (): boolean => pane.dispatchEvent(new CustomEvent('zinc-arrival', { bubbles: true, composed: true }));
        script.addEventListener('load', tell);
        if (known) tell();
        else document.head.append(script);
    }

    /** Puts a gallery where its script element stands: lines that were copied before there was the element. */
    static standIn(script: HTMLScriptElement): void {
        const gallery = document.createElement(EmbeddedGallery.tag);
        gallery.setAttribute('gallery', script.dataset['gallery'] ?? '');
        gallery.setAttribute('host', new URL(script.src).origin);
        script.after(gallery);
    }
}
