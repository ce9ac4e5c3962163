import type { Say } from '../base/surroundings';

const SIGNS: Record<string, string> = {
    close: 'M5 5l14 14M19 5 5 19',
    previous: 'M15 4 7 12l8 8',
    next: 'm9 4 8 8-8 8',
    out: 'M5 12h14',
    in: 'M12 5v14M5 12h14',
    loupe: 'M10.5 4.5a6 6 0 1 1 0 12 6 6 0 0 1 0-12M15 15l5.5 5.5',
    play: 'M8 5v14l11-7z',
    full: 'M4 9V4h5M15 4h5v5M20 15v5h-5M9 20H4v-5',
    share: 'M12 15V3M7.5 7.5 12 3l4.500 4.500M5 12v8h14v-8',
    download: 'M12 4v11M7 10.500l5 5 5-5M5 20h14',
    words: 'M12 11v6M12 7v.01M12 3a9 9 0 1 1 0 18 9 9 0 0 1 0-18',
};

function sign(name: string): string {
    return `<svg viewBox="0 0 24 24" aria-hidden="true"><path d="${SIGNS[name] ?? ''}"/></svg>`;
}

/** A label is text of the page's own; it is set as an attribute after the markup was read. */
function button(name: string): string {
    return `<button type="button" class="${name}" data-says="${name}">${sign(name)}</button>`;
}

const TOOLS = ['out', 'in', 'loupe', 'play', 'full', 'share'];

export const MARKUP = `<dialog><div class="bar"><p class="count" aria-hidden="true"></p><div class="tools"><input class="slider" type="range" data-says="zoom" min="1" step="any">${TOOLS.map(button).join('')}<a class="download" data-says="download">${sign('download')}</a>${button('words')}</div>${button('close')}</div>${button('previous')}<div class="stage"><div class="sides" aria-hidden="true">${sign('previous')}${sign('next')}</div></div>${button('next')}<div class="said" role="group" data-says="words" tabindex="-1"></div><div class="thumbs" role="group" data-says="all"></div><p class="live" role="status"></p></dialog>`;

/** Says everything that has a name, in the language of the page. */
export function label(root: ParentNode, say: Say): void {
    root.querySelectorAll<HTMLElement>('[data-says]').forEach((part) => {
        const said = say(part.dataset['says'] ?? '');
        part.setAttribute('aria-label', said);
        if (part.matches('button,a')) part.title = said;
    });
}

/** Another sign and another name for a button that does two things by turns. */
export function turn(button: HTMLElement, name: string, say: Say): void {
    button.setAttribute('aria-label', say(name));
    button.title = say(name);
    button.querySelector('path')?.setAttribute('d', name === 'pause' ? 'M8 5v14M16 5v14' : (SIGNS[name] ?? ''));
}
