import type { Change, Item, Recipe, TidyPart, WordChange } from '../api/types';

/** Keys of earlier forms that are told; of what one types each letter makes another. */
export const MOST_TRIED = 200;

/** What is changed: a gallery, or a picture of the store for every place that shows it. */
export type Place = `gallery:${string}` | `picture:${string}`;

/** A change that the server does not have for certain yet. */
export interface Entry {
    id: string;
    /** What the server knows it by: another one whenever it says something else. */
    key: string;
    /** By what the server may know earlier forms of it, and changes before it, whose answers never came. */
    tried: string[];
    place: Place;
    /** Of a gallery. */
    change?: Change;
    /** Of a picture: what PATCH takes. */
    part?: PicturePart;
    /** Of a gallery: the version that was seen when the change was made. */
    version: number;
    /** Versions since that this window made itself. */
    own: number[];
    /** Of words: whose they are, so that they can be offered where that is gone. */
    of?: { name: string; picture: string | null };
    /** When it may go, in ms since 1970: what is being typed waits for a pause. */
    due: number;
}

export interface PicturePart {
    words?: WordChange;
    keywords?: string;
    recipe?: Recipe;
    /** On the picture as it will be seen. */
    focal?: [number, number];
}

/** With another key: the server may have had it as it was. */
function anew(earlier: Entry, later: Entry, what: Pick<Entry, 'change' | 'part'>): Entry {
    return { ...earlier, ...what, key: later.key, tried: [...earlier.tried, earlier.key].slice(-MOST_TRIED), due: later.due };
}

/** One entry in place of two, where the later says the same thing anew; null where they are two. */
export function joined(earlier: Entry, later: Entry): Entry | null {
    if (earlier.place !== later.place) return null;
    if (earlier.part && later.part) {
        const words = { ...earlier.part.words, ...later.part.words };
        return anew(earlier, later, { part: { ...earlier.part, ...later.part, ...(Object.keys(words).length > 0 ? { words } : {}) } });
    }
    if (earlier.change?.kind === 'tidy' && later.change?.kind === 'tidy') {
        return covers(later.change.pictures, earlier.change.pictures) ? anew(earlier, later, { change: later.change }) : null;
    }
    if (!earlier.change || !later.change || pathsOf(earlier.change).join() !== pathsOf(later.change).join()) return null;
    return anew(earlier, later, { change: later.change });
}

/** What a change sets, where setting it again makes the earlier one void; empty where every one counts. */
function pathsOf(change: Change): string[] {
    switch (change.kind) {
        case 'words':
            return Object.entries(change.words).flatMap(([item, words]) => Object.keys(words).map((field) => `${item}.${field}`));
        case 'about':
            return leaves(change.about);
        case 'design':
            return leaves(change.design);
        case 'text':
            return [`text.${change.item}`];
        default:
            return [Math.random().toString()];
    }
}

/** Whether the one says all anew that the other says of the very same pictures. */
function covers(one: Record<string, TidyPart>, other: Record<string, TidyPart>): boolean {
    return (
        Object.keys(one).join() === Object.keys(other).join() &&
        Object.entries(other).every(([picture, part]) => Object.keys(part).every((key) => key in (one[picture] ?? {})))
    );
}

function leaves(part: object, path = ''): string[] {
    return Object.entries(part).flatMap(([key, value]: [string, unknown]) =>
        typeof value === 'object' && value !== null ? leaves(value, `${path}.${key}`) : [`${path}.${key}`],
    );
}

/** The words that a person typed in a change, to be offered where they cannot be kept. */
export function typedIn({ change, part }: Entry): string[] {
    const words = change?.kind === 'words' ? Object.values(change.words) : part?.words ? [part.words] : [];
    const texts = words.flatMap((one) => Object.values(one) as unknown[]).filter((text): text is string => typeof text === 'string' && text !== '');
    if (change?.kind === 'text') texts.push(change.text.replace(/<[^>]+>/g, ' ').trim());
    return texts;
}

/** Whose words a change is about, where it is about one item. */
export function subjectOf(change: Change | undefined, items: readonly Item[]): Entry['of'] {
    const [id, second] = change?.kind === 'words' ? Object.keys(change.words) : change?.kind === 'text' ? [change.item] : [];
    const item = second === undefined ? items.find((one) => one.id === id) : undefined;
    return item && { name: item.words.title || item.picture?.name || 'the text', picture: item.picture?.id ?? null };
}
