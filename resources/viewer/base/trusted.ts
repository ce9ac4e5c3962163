/** Makes HTML and addresses of scripts that a page takes which asks for trusted types (https://www.w3.org/TR/trusted-types/). */
interface Policy {
    createHTML(html: string): string;
    createScriptURL(address: string): string;
}

interface Factory {
    createPolicy(name: string, rules: Policy): Policy;
}

/** Shared by the parts of the script: a page may forbid that a name is taken twice. */
const PLACE = Symbol.for('zinc-pane.trusted');

const PLAIN: Policy = { createHTML: (html) => html, createScriptURL: (address) => address };

/** What it is given comes from the gallery's own host, which cleaned it when it was put live. */
function policy(): Policy {
    const shared = window as unknown as { [PLACE]?: Policy; trustedTypes?: Factory };
    return (shared[PLACE] ??= shared.trustedTypes?.createPolicy('zinc-pane', PLAIN) ?? PLAIN);
}

export function fill(place: Element | ShadowRoot, html: string): void {
    place.innerHTML = policy().createHTML(html);
}

export function scriptFrom(address: string): HTMLScriptElement {
    const script = document.createElement('script');
    script.src = policy().createScriptURL(address);
    return script;
}
