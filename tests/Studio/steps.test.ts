import { describe, expect, it, vi } from 'vitest';
import { useSteps } from '../../resources/studio/gallery-state/use-steps';
import { announcement } from '../../resources/studio/shared/announce';
import { galleryOf, within } from './support';

describe('steps back and forth', () => {
    it('name what they do, aloud too, and ask where it is another person’s', async () => {
        const undo = vi.fn(() => Promise.resolve(true));
        const redo = vi.fn(() => Promise.resolve(true));
        const gallery = {
            value: galleryOf([], { undo: { entry: 7, says: 'gap 8 px to 14 px', by: null }, redo: { entry: 8, says: 'hid a picture', by: null } }),
        };
        const { asked, said, ...steps } = within(() => useSteps({ gallery, flush: () => Promise.resolve(true), undo, redo } as never)).given;
        await steps.undo();
        expect([said.value, announcement.value, undo.mock.calls]).toEqual(['Taken back: gap 8 px to 14 px', 'Taken back: gap 8 px to 14 px', [[7]]]);
        await steps.redo();
        expect(announcement.value).toBe('Done again: hid a picture');
        gallery.value = galleryOf([], { undo: { entry: 9, says: 'moved a picture', by: 'Ann' } });
        await steps.undo();
        expect([undo.mock.calls.length, asked.value?.by]).toEqual([1, 'Ann']);
        await steps.undoTheirs();
        expect([undo.mock.calls.at(-1), asked.value]).toEqual([[9], null]);
    });
});
