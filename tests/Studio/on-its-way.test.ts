import { describe, expect, it } from 'vitest';
import type { Change, Gallery, GalleryChanged } from '../../resources/studio/api/types';
import { joined, type Entry } from '../../resources/studio/outbox/entries';
import { withAnswer, withChange } from '../../resources/studio/outbox/shown';
import { galleryOf, itemOf } from './support';

const words = (id: string, title: string): Change => ({ kind: 'words', words: { [id]: { title } } });

describe('a change that is on its way', () => {
    const gallery = galleryOf([itemOf(1), itemOf(2), { ...itemOf(3), album: 'A' }], {
        albums: { list: [{ id: 'A', name: 'Night' }], view: 'tabs' },
        design: { layout: { gap: 8, phone: { columns: 1 } } },
    } as never);
    const ids = (shown: Gallery): string => shown.items.map(({ id }) => id).join();

    it.each<[string, Change, (shown: Gallery) => unknown, unknown]>([
        ['a title', { kind: 'about', about: { title: 'Night' } }, (shown) => shown.about.title, 'Night'],
        [
            'a setting',
            { kind: 'design', design: { layout: { phone: { columns: 2 } } } },
            (shown) => shown.design,
            { layout: { gap: 8, phone: { columns: 2 } } },
        ],
        [
            'a word taken back',
            { kind: 'words', words: { i1: { title: null } } },
            (shown) => [shown.items[0]?.words.title, shown.items[0]?.exceptions],
            ['Own', []],
        ],
        ['a move', { kind: 'move', items: ['i3'], before: 'i1' }, ids, 'i3,i1,i2'],
        ['a move to the end', { kind: 'move', items: ['i1'], before: null }, ids, 'i2,i3,i1'],
        ['an order', { kind: 'order', items: ['i2', 'i3', 'i1'] }, ids, 'i2,i3,i1'],
        ['what is taken out', { kind: 'remove', items: ['i1', 'i3'] }, ids, 'i2'],
        ['what is large', { kind: 'large', items: ['i2'], large: true }, (shown) => shown.items.map(({ large }) => large), [false, true, false]],
        ['an album', { kind: 'albums', of: { i1: 'A' } }, (shown) => shown.items.map(({ album }) => album), ['A', null, 'A']],
        ['no album any more', { kind: 'albums', albums: { list: [], view: 'tabs' } }, (shown) => shown.items.map(({ album }) => album), [null, null, null]],
        ['a text', { kind: 'text', item: 'i2', text: '<p>x</p>' }, (shown) => shown.items[1]?.text, '<p>x</p>'],
    ])('shows %s', (_, change, seen, wanted) => {
        const own = {
            ...gallery,
            items: gallery.items.map((item) => ({ ...item, exceptions: ['title' as const], picture: { ...item.picture, words: { title: 'Own' } } })),
        };
        expect(seen(withChange(own as never, change))).toEqual(wanted);
    });

    it('is taken over from an answer: what changed, what came, what went, in its order', () => {
        const answer = {
            ...galleryOf([itemOf(2, { title: 'Other' }), itemOf(4)]),
            version: 2,
            from: 1,
            order: ['i4', 'i2', 'i3'],
            laid_out: null,
        } as GalleryChanged;
        const after = withAnswer(gallery, answer);
        expect(after.items.map(({ id, words: { title } }) => `${id} ${title}`)).toEqual(['i4 Kite 4', 'i2 Other', 'i3 Kite 3']);
        expect([after.version, 'from' in after, 'order' in after]).toEqual([2, false, false]);
    });

    it('joins with one before it only where it says the same anew', () => {
        const entry = (change: Change): Entry => ({
            id: 'i',
            key: Math.random().toString(),
            tried: [],
            place: 'gallery:g1',
            change,
            version: 1,
            own: [],
            due: 0,
        });
        const join = (one: Change, two: Change): boolean => joined(entry(one), entry(two)) !== null;
        expect(join(words('i1', 'a'), words('i1', 'b'))).toBe(true);
        expect(join(words('i1', 'a'), words('i2', 'b'))).toBe(false);
        // The server may have had the first: it is another act, and says of which it goes on.
        const [one, two] = [entry(words('i1', 'a')), entry(words('i1', 'ab'))];
        expect(joined(one, two)).toMatchObject({ id: 'i', key: two.key, tried: [one.key], version: 1 });
        expect(join({ kind: 'design', design: { layout: { gap: 1 } } }, { kind: 'design', design: { layout: { gap: 2 } } })).toBe(true);
        expect(join({ kind: 'design', design: { layout: { gap: 1 } } }, { kind: 'design', design: { layout: { columns: 2 } } })).toBe(false);
        const move: Change = { kind: 'move', items: ['i1'], before: null };
        expect(join(move, move)).toBe(false);
        expect(join({ kind: 'tidy', pictures: { p1: { turn: 1 } } }, { kind: 'tidy', pictures: { p1: { turn: 2, contrast: 4 } } })).toBe(true);
        expect(join({ kind: 'tidy', pictures: { p1: { turn: 1 } } }, { kind: 'tidy', pictures: { p1: { contrast: 4 } } })).toBe(false);
    });
});
