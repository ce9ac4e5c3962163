/** What leads on from the tiles of a gallery. */
export const TILES = '.zp-tiles>li>a';

/** Whether a place is read from right to left. */
export function isRightToLeft(place: Element): boolean {
    return getComputedStyle(place).direction === 'rtl';
}

export function wantsLessMotion(): boolean {
    return matchMedia('(prefers-reduced-motion: reduce)').matches;
}

const sheets = new Map<string, CSSStyleSheet>();

/** Styles for a document or a shadow root, by adoption: a policy that forbids style elements does not forbid them. */
export function adopt(root: Node, css: string): void {
    if (!(root instanceof Document || root instanceof ShadowRoot)) return;
    let sheet = sheets.get(css);
    if (!sheet) {
        sheet = new CSSStyleSheet();
        sheet.replaceSync(css);
        sheets.set(css, sheet);
    }
    if (!root.adoptedStyleSheets.includes(sheet)) root.adoptedStyleSheets.push(sheet);
}

/** Words by name, as the markup tells them; a name stands for what is not told. */
export type Say = (name: string, values?: Record<string, string | number>) => string;

export function phrasesOf(pane: Element | null): Say {
    const said = parsed<Record<string, string>>((pane as HTMLElement | null)?.dataset['phrases']) ?? {};
    return (name, values = {}) => (said[name] ?? name).replace(/\{(\w)\}/g, (_, key: string) => String(values[key] ?? ''));
}

/** Broken JSON is as good as none. */
export function parsed<T>(json: string | undefined): T | null {
    try {
        return json ? (JSON.parse(json) as T) : null;
    } catch {
        return null;
    }
}
