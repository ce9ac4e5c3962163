import type { Change, Gallery, GalleryChanged, Item, WordChange, Words } from '../api/types';

/** A gallery as it will be once the server has a change: what was typed shows at once. What is computed follows with the answer. */
export function withChange(gallery: Gallery, change: Change): Gallery {
    switch (change.kind) {
        case 'about':
            return { ...gallery, about: { ...gallery.about, ...change.about } };
        case 'design':
            return { ...gallery, design: merged(gallery.design, change.design) };
        case 'words':
            return withItems(gallery, Object.keys(change.words), (item) => reworded(item, change.words[item.id] ?? {}));
        case 'text':
            return withItems(gallery, [change.item], (item) => ({ ...item, text: change.text }));
        case 'hide':
            return withItems(gallery, change.items, (item) => ({ ...item, hidden: change.hidden }));
        case 'large':
            return withItems(gallery, change.items, (item) => ({ ...item, large: change.large }));
        case 'albums': {
            const albums = change.albums ?? gallery.albums;
            const known = new Set(albums.list.map(({ id }) => id));
            const of = change.of ?? {};
            const items = gallery.items.map((item) => {
                const album = item.id in of ? (of[item.id] ?? null) : item.album;
                return album === item.album && (album === null || known.has(album))
                    ? item
                    : { ...item, album: album !== null && known.has(album) ? album : null };
            });
            return { ...gallery, albums, items };
        }
        case 'remove': {
            const gone = new Set(change.items);
            return { ...gallery, items: gallery.items.filter(({ id }) => !gone.has(id)) };
        }
        case 'move': {
            const moving = new Set(change.items);
            const moved = gallery.items.filter(({ id }) => moving.has(id));
            const others = gallery.items.filter(({ id }) => !moving.has(id));
            const at = others.findIndex(({ id }) => id === change.before);
            others.splice(at < 0 ? others.length : at, 0, ...moved);
            return { ...gallery, items: others };
        }
        case 'order':
            return { ...gallery, items: arranged(gallery.items, change.items) };
        case 'click':
        case 'tidy':
            return gallery;
    }
}

/** The gallery as an answer to a change leaves it. */
export function withAnswer(known: Gallery, answer: GalleryChanged): Gallery {
    const { order, items: changed } = answer;
    const facts: Partial<GalleryChanged> = { ...answer };
    for (const key of ['from', 'order', 'laid_out', 'items', 'gone'] as const) delete facts[key];
    const fresh = new Map(changed.map((item) => [item.id, item]));
    const items = known.items.map((item) => fresh.get(item.id) ?? item);
    const there = new Set(known.items.map(({ id }) => id));
    const all = [...items, ...changed.filter(({ id }) => !there.has(id))];
    return { ...known, ...facts, items: order ? arranged(all, order) : items };
}

function arranged(items: Item[], order: readonly string[]): Item[] {
    const known = new Map(items.map((item) => [item.id, item]));
    return order.flatMap((id) => known.get(id) ?? []);
}

function withItems(gallery: Gallery, ids: readonly string[], change: (item: Item) => Item): Gallery {
    const wanted = new Set(ids);
    return { ...gallery, items: gallery.items.map((item) => (wanted.has(item.id) ? change(item) : item)) };
}

function reworded(item: Item, words: WordChange): Item {
    const exceptions = new Set(item.exceptions);
    const shown: Record<string, string | boolean> = { ...item.words };
    for (const [field, text] of Object.entries(words) as [keyof Words, string | boolean | null][]) {
        // Null goes back to the picture's own.
        shown[field] = text ?? item.picture?.words[field] ?? (field === 'decorative' ? false : '');
        if (text === null) exceptions.delete(field);
        else exceptions.add(field);
    }
    return { ...item, words: shown as unknown as Words, exceptions: [...exceptions] };
}

function merged<T extends object>(base: T, part: object): T {
    const outcome = { ...base } as Record<string, unknown>;
    for (const [key, value] of Object.entries(part)) {
        const old = outcome[key];
        outcome[key] = isGroup(old) && isGroup(value) ? merged(old, value) : value;
    }
    return outcome as T;
}

function isGroup(value: unknown): value is object {
    return typeof value === 'object' && value !== null && !Array.isArray(value);
}
