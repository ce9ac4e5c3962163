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

/**
 * What the server has, with what was written since it was sent: a part that was changed meanwhile is as it is here,
 * what was put in stands behind what it was put behind, what was taken out is out.
 */
export function restored(known: readonly DraftPart[], before: readonly DraftPart[], now: readonly DraftPart[]): DraftPart[] {
    const sentAs = new Map(before.map((part) => [part.id, JSON.stringify(part)]));
    const here = new Map(now.map((part) => [part.id, part]));
    const result = known
        .filter(({ id }) => here.has(id) || !sentAs.has(id))
        .map((part) => {
            const own = here.get(part.id);
            return own && sentAs.get(part.id) !== JSON.stringify(own) ? own : part;
        });
    now.forEach((part, index) => {
        if (result.some(({ id }) => id === part.id)) return;
        // One that others took out while it was not touched here stays out; one that waits for its picture was never sent.
        if (sentAs.get(part.id) === JSON.stringify(part) && part.kind !== 'picture') return;
        const earlier = new Set(now.slice(0, index).map(({ id }) => id));
        result.splice(result.findLastIndex(({ id }) => earlier.has(id)) + 1, 0, part);
    });
    return result;
}
