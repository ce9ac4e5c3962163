import type { Sequence } from '../base/slides';
import { isRightToLeft } from '../base/surroundings';

/** Least opacity, per cent, of the ground under words: they are read whatever the page behind. */
const UNDER_WORDS = 90;

/** Controls that are there only where the gallery says so, by their class; what it says by another name stands beside. */
const CONTROLS = {
    count: 'count',
    previous: 'arrows',
    next: 'arrows',
    in: 'zoom',
    out: 'zoom',
    slider: 'slider',
    loupe: 'loupe',
    play: 'play',
    full: 'full',
    share: 'share',
};

/** Colours, direction, names, and which controls there are. */
export function dress(dialog: HTMLDialogElement, { settings, slides, say }: Sequence): void {
    const style = {
        c: settings.colour,
        l: settings.letters,
        o: `${settings.opacity}%`,
        p: settings.opacity < UNDER_WORDS ? '100%' : '0%',
        b: settings.blur > 0 ? `blur(${settings.blur}px)` : 'none',
    };
    for (const [name, value] of Object.entries(style)) dialog.style.setProperty(`--${name}`, value);
    const page = document.documentElement;
    dialog.dir = isRightToLeft(page) ? 'rtl' : 'ltr';
    dialog.lang = page.lang;
    dialog.ariaLabel = settings.name || say('title');
    dialog.dataset['words'] = settings.words;
    dialog.classList.toggle('single', slides.length < 2);
    const hide = (name: string, is: boolean): void => void ((dialog.querySelector(`.${name}`) as HTMLElement).hidden = is);
    for (const [name, told] of Object.entries(CONTROLS)) hide(name, !settings.has.includes(told) || (name === 'full' && !document.fullscreenEnabled));
    hide('words', settings.words !== 'asked');
}
