import { scriptFrom } from './trusted';

/** What the part of the script that a click needs offers. */
export interface ViewerPart extends CustomElementConstructor {
    open(link: HTMLAnchorElement): void;
    grow(link: HTMLAnchorElement): void;
    lend(pane: HTMLElement): void;
}

export const VIEWER = 'zinc-viewer';

/** Where it is fetched from; told by the element that runs this script. */
let address = '';

export function fetchesFrom(from: string): void {
    address ||= from;
}

let coming: Promise<ViewerPart> | null = null;

/** Fetched once, by whoever asks first: a pointer on a tile, the focus, an address, an idle moment. */
export function viewer(): Promise<ViewerPart> {
    if (!customElements.get(VIEWER) && !address) return Promise.reject(new Error('Nobody says where the viewer is.'));
    coming ??= new Promise((resolve, reject) => {
        const come = (): void => resolve(customElements.get(VIEWER) as ViewerPart);
        if (customElements.get(VIEWER)) return come();
        const script = scriptFrom(address);
        script.onload = come;
        script.onerror = () => {
            // The links lead on by themselves; the next one who asks tries again.
            coming = null;
            script.remove();
            reject(new Error(`${address} could not be loaded`));
        };
        document.head.append(script);
    });
    return coming;
}

export function noted(error: unknown): void {
    console.warn(error);
}
