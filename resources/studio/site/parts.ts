import type { Part, PartKind } from '../api/types';

/** A part as it is being written. */
export type DraftPart = Pick<Part, 'id' | 'kind' | 'html' | 'level' | 'ordered' | 'picture' | 'caption' | 'side'> & { thumbnail: string | null };

export function draftOf(part: Part): DraftPart {
    const { id, kind, html, level, ordered, picture, caption, side, thumbnail } = part;
    return { id, kind, html, level, ordered, picture, caption, side, thumbnail };
}

export function newPart(kind: PartKind, html = ''): DraftPart {
    const id = `n${Date.now().toString(36)}${Math.floor(Math.random() * 46656).toString(36)}`;
    return { id, kind, html, level: 2, ordered: false, picture: null, caption: '', side: 'middle', thumbnail: null };
}

/** As the server takes it. */
export function sent(parts: readonly DraftPart[]): object[] {
    return parts
        .filter(({ kind, picture }) => kind !== 'picture' || picture !== null)
        .map(({ id, kind, html, level, ordered, picture, caption, side }) => ({ id, kind, html, level, ordered, picture, caption, side }));
}
