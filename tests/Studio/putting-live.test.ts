import { fireEvent, screen } from '@testing-library/vue';
import { describe, expect, it, vi } from 'vitest';
import { defineComponent, h } from 'vue';
import type { GalleryChanged } from '../../resources/studio/api/types';
import ClashBar from '../../resources/studio/gallery/ClashBar.vue';
import PutLive from '../../resources/studio/gallery/PutLive.vue';
import UploadTray from '../../resources/studio/pictures/UploadTray.vue';
import { useUploads } from '../../resources/studio/uploads/use-uploads';
import { fetched, galleryOf, itemOf, meet, serve } from './support';

describe('putting live', () => {
    const live = (changes: string[], pages: string[] = ['Home']): GalleryChanged =>
        ({
            ...galleryOf([itemOf(1)]),
            from: 1,
            order: null,
            laid_out: null,
            live: { changes, pages: pages.map((title) => ({ title })) },
            panes: [{ id: 'n1', page: 'Home', address: '/' }],
        }) as unknown as GalleryChanged;

    it('tells what visitors will see change, the same once, and the rest as a number', async () => {
        serve({ '/live': () => live([]) });
        const { user } = meet(
            PutLive,
            { id: 'g1' },
            fetched(live(['moved a picture', 'moved a picture', ...'abcdefg'.split('').map((word) => `wrote ${word}`)])),
        );
        const opener = screen.getByRole('button', { name: 'Put live' });
        await user.click(opener);
        expect(screen.getAllByRole('listitem').map(({ textContent }) => textContent)).toEqual([
            'Moved a picture, 2 times',
            'Wrote a',
            'Wrote b',
            'Wrote c',
            'Wrote d',
            'Wrote e',
            'and 2 more',
        ]);
        expect(screen.getByText('Pages: Home')).toBeTruthy();
        expect(document.activeElement).toBe(screen.getByRole('button', { name: 'Put live now' }));
        await user.keyboard('{Escape}');
        expect(screen.queryByRole('heading')).toBeNull();
        expect(document.activeElement).toBe(opener);
    });

    it('says that it is live, and where; a refusal leaves all as it is', async () => {
        let full = true;
        serve({ '/live': () => (full ? [507, { code: 'disk-full', detail: 'The disk is full.' }] : live([])) });
        const client = fetched(live(['moved a picture'], []));
        const { user } = meet(PutLive, { id: 'g1' }, client);
        await user.click(screen.getByRole('button', { name: 'Put live' }));
        expect(screen.getByText('No page changes; only embeds do.')).toBeTruthy();
        await user.click(screen.getByRole('button', { name: 'Put live now' }));
        await vi.waitFor(() => expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Put live now' }).disabled).toBe(false));
        expect(screen.queryByText('It is live')).toBeNull();
        full = false;
        await user.click(screen.getByRole('button', { name: 'Put live now' }));
        await vi.waitFor(() => expect(screen.getByRole('heading', { name: 'It is live' })).toBeTruthy());
        expect(screen.getByRole('link', { name: 'Look at Home' }).getAttribute('href')).toBe('/');
        expect(document.activeElement?.textContent).toContain('Close');
        // It was edited on while the sheet stood open: that is told, and nothing is called live that is not.
        client.setQueryData(['gallery', 'g1'], { ...live(['moved a picture']), version: 2 });
        await vi.waitFor(() => expect(screen.getByRole('heading', { name: 'What visitors will see change' })).toBeTruthy());
        await user.keyboard('{Escape}');
        await user.click(screen.getByRole('button', { name: 'Put live' }));
        expect(screen.getAllByRole('listitem').map(({ textContent }) => textContent)).toEqual(['Moved a picture']);
    });
});

describe('two windows', () => {
    it('are told both sides of what they changed, and leave the choice', async () => {
        const { user, told } = meet(ClashBar, {
            clash: {
                values: [
                    { path: 'a', label: 'Gap', of: null, mine: '8 px', theirs: '9 px' },
                    { path: 'b', label: 'Title', of: 'Kite 1', mine: 'A', theirs: 'B' },
                ],
            },
        });
        expect(screen.getAllByRole('listitem').map(({ textContent }) => textContent?.replace(/\s+/g, ' ').trim())).toEqual([
            'Gaphere 8 pxthere 9 px',
            'Title of “Kite 1”here Athere B',
        ]);
        await user.click(screen.getByRole('button', { name: 'Take mine' }));
        await user.click(screen.getByRole('button', { name: 'Leave theirs' }));
        expect(told('settle')).toEqual([['mine'], ['theirs']]);
    });
});

describe('files on their way', () => {
    it('are counted, and a broken one goes again', async () => {
        const upload = (key: number, state: string, note = ''): object => ({ key, name: `kite-${key}.jpg`, state, note, sent: 0.421, thumbnail: null });
        let retry = vi.fn();
        const Tray = defineComponent({
            setup() {
                const store = useUploads();
                store.uploads.push(...([upload(1, 'ready'), upload(2, 'sending'), upload(3, 'failed', 'It is too large.')] as typeof store.uploads));
                retry = vi.spyOn(store, 'retry').mockImplementation(() => undefined);
                return () => h(UploadTray);
            },
        });
        meet(Tray);
        expect(screen.getByRole('status').textContent).toBe('1 of 3 ready, 1 not taken');
        expect(screen.getByRole('progressbar', { name: 'kite-2.jpg sent' }).getAttribute('aria-valuenow')).toBe('42');
        expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Clear' }).disabled).toBe(true);
        await fireEvent.click(screen.getByRole('button', { name: 'Try kite-3.jpg again' }));
        expect(retry).toHaveBeenCalledWith(expect.objectContaining({ name: 'kite-3.jpg' }));
    });
});
