import { QueryClient } from '@tanstack/vue-query';
import { fireEvent, screen } from '@testing-library/vue';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { computed, nextTick, reactive, ref } from 'vue';
import * as sending from '../../resources/studio/api/send-file';
import { Problem } from '../../resources/studio/api/client';
import type { Album, Albums, Gallery } from '../../resources/studio/api/types';
import type { UseGalleryReturn } from '../../resources/studio/gallery-state/use-gallery';
import { usePulse } from '../../resources/studio/gallery-state/use-pulse';
import AlbumsPanel from '../../resources/studio/pictures/AlbumsPanel.vue';
import { useOrder, type UseOrderReturn } from '../../resources/studio/pictures/use-order';
import { useUploads } from '../../resources/studio/uploads/use-uploads';
import StoreFilters from '../../resources/studio/store/StoreFilters.vue';
import { everything } from '../../resources/studio/store/filter';
import CropBox from '../../resources/studio/tidy/CropBox.vue';
import { WHOLE } from '../../resources/studio/tidy/crop';
import { galleryOf, itemOf, meet, pass, serve, within } from './support';

describe('the crop box by keyboard', () => {
    const box = (more: object = {}) =>
        meet(CropBox, {
            src: 'data:,',
            alt: '',
            crop: { left: 0.2, top: 0.2, width: 0.5, height: 0.5 },
            ratio: null,
            focal: [0.5, 0.5],
            plain: false,
            ...more,
        });

    it('moves as a whole, by its edges and corners, in small steps and in large ones', async () => {
        const { user, told } = box();
        screen.getByRole('group', { name: 'What is kept' }).focus();
        await user.keyboard('{ArrowRight}{Shift>}{ArrowUp}{/Shift}x');
        expect(told<[typeof WHOLE]>('crop').map(([{ left, top }]) => [left, top])).toEqual([
            [expect.closeTo(0.205), 0.2],
            [0.2, expect.closeTo(0.15)],
        ]);
        screen.getByRole('button', { name: 'Top left' }).focus();
        await user.keyboard('{Shift>}{ArrowLeft}{/Shift}');
        const last = told<[typeof WHOLE]>('crop').at(-1)?.[0] ?? WHOLE;
        expect([last.left, last.top, last.width, last.height].map((share) => share.toFixed(3))).toEqual(['0.150', '0.200', '0.550', '0.500']);
    });

    it('keeps the focal point within the picture', async () => {
        const { user, told } = box({ focal: [0.99, 0.001] });
        screen.getByRole('button', { name: /Focal point/ }).focus();
        await user.keyboard('{Shift>}{ArrowRight}{ArrowUp}{/Shift}');
        expect(told('focal')).toEqual([[[1, 0.001]], [[0.99, 0]]]);
    });

    it('is not there where only the picture is wanted', () => {
        box({ plain: true });
        expect(screen.queryByRole('group')).toBeNull();
        expect(screen.queryAllByRole('button')).toEqual([]);
    });
});

describe('albums', () => {
    const list: Album[] = [
        { id: 'a', name: 'Morning' },
        { id: 'b', name: 'Evening' },
    ];
    const panel = (albums: Albums = { list, view: 'headings' }) =>
        meet(AlbumsPanel, { gallery: galleryOf([{ ...itemOf(1), album: 'b' }, itemOf(2)], { albums }) });
    const sent = ({ told }: ReturnType<typeof panel>): string[][] =>
        told<[{ albums: Albums }]>('change').map(([{ albums }]) => albums.list.map(({ name }) => name));

    it('are made by name, and only by one', async () => {
        const met = panel({ list: [], view: 'none' });
        expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Make it' }).disabled).toBe(true);
        await met.user.type(screen.getByLabelText('Name of a new album'), '  Night {Enter}');
        expect(sent(met)).toEqual([['Night']]);
        expect(screen.getByLabelText<HTMLInputElement>('Name of a new album').value).toBe('');
    });

    it('are moved, renamed, taken away and shown otherwise', async () => {
        const met = panel();
        await met.user.click(screen.getByRole('button', { name: 'Morning later' }));
        await met.user.click(screen.getByRole('button', { name: 'Remove album Morning; its pictures stay' }));
        await met.user.clear(screen.getByLabelText('Name of album 2'));
        await met.user.type(screen.getByLabelText('Name of album 2'), 'Dusk');
        await met.user.tab();
        expect(sent(met)).toEqual([['Evening', 'Morning'], ['Evening'], ['Morning', 'Dusk']]);
        await met.user.click(screen.getByRole('radio', { name: 'As tabs' }));
        expect(met.told<[{ albums: Albums }]>('change').at(-1)?.[0].albums).toEqual({ list, view: 'tabs' });
    });

    it('keep their name where it is emptied, and say how many pictures are theirs', async () => {
        const met = panel();
        await met.user.clear(screen.getByLabelText('Name of album 1'));
        await met.user.tab();
        expect(sent(met)).toEqual([]);
        expect(screen.getByLabelText<HTMLInputElement>('Name of album 1').value).toBe('Morning');
        expect(screen.getAllByRole('listitem').map((item) => item.querySelector('.note')?.textContent)).toEqual(['0', '1']);
        expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Morning earlier' }).disabled).toBe(true);
        expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Evening later' }).disabled).toBe(true);
    });
});

describe('an order', () => {
    const gallery = galleryOf([itemOf(1), itemOf(2), itemOf(3)]);
    const acts: unknown[][] = [];
    const order = (): UseOrderReturn => {
        acts.length = 0;
        return useOrder(() => 'g1', {
            gallery: ref(gallery),
            act: (...what: unknown[]) => (acts.push(what), Promise.resolve(true)),
        } as unknown as UseGalleryReturn);
    };

    it('is looked at, left, and kept as it was looked at', async () => {
        const asked = serve({ 'galleries/g1/order': () => ({ items: ['i3', 'gone', 'i1', 'i2'] }) });
        const { look, preview, leave, keep, by } = order();
        expect(preview.value).toBeNull();
        await look('name', 0);
        expect(preview.value?.map(({ id }) => id)).toEqual(['i3', 'i1', 'i2']);
        leave();
        expect(preview.value).toBeNull();
        await look('shuffle', 77);
        await keep();
        expect(asked.map(({ path }) => path)).toEqual(['galleries/g1/order?by=name&seed=0', 'galleries/g1/order?by=shuffle&seed=77']);
        expect(acts).toEqual([['/order', { by: 'shuffle', seed: 77 }]]);
        expect(by.value).toBeNull();
    });

    it('that cannot be told leaves all as it is, and says why', async () => {
        serve({});
        const { look, preview, problem } = order();
        await look('time');
        expect(preview.value).toBeNull();
        expect(problem.value).toBe('There is none.');
    });
});

describe('what another window does', () => {
    beforeEach(() => vi.useFakeTimers());
    afterEach(() => vi.useRealTimers());

    it('is fetched where it changed something, and not while this one is at work', async () => {
        const asked = serve({ 'galleries/g1/pulse': () => ({ stamp: 'new' }) });
        const client = new QueryClient();
        client.setQueryData(['gallery', 'g1'], { id: 'g1', stamp: 'old' } as unknown as Gallery);
        const invalidated = vi.spyOn(client, 'invalidateQueries');
        const busy = ref(true);
        within(() => usePulse('g1', () => busy.value), client);
        await vi.advanceTimersByTimeAsync(6000);
        expect(asked.map(({ path }) => path)).toEqual([]);
        busy.value = false;
        await vi.advanceTimersByTimeAsync(2000);
        expect(asked.map(({ path }) => path)).toEqual(['galleries/g1/pulse']);
        expect(invalidated).toHaveBeenCalledOnce();
        client.setQueryData(['gallery', 'g1'], { id: 'g1', stamp: 'new' } as unknown as Gallery);
        await vi.advanceTimersByTimeAsync(4000);
        expect(invalidated).toHaveBeenCalledOnce();
    });
});

describe('files on their way', () => {
    const files = (count: number): File[] => Array.from({ length: count }, (_, index) => new File(['x'], `${index + 1}.jpg`));
    const picture = (name: string) => ({ picture: { id: name, kind: 'picture', state: 'ready', thumbnail: `/t/${name}` }, notice: null, known: false });
    const session = { session: () => ({ user: null, limits: { part_bytes: 1000 } }) };

    it('go three at a time, in their order, and a broken one holds up none', async () => {
        serve(session);
        let [now, most] = [0, 0];
        const sent: string[] = [];
        vi.spyOn(sending, 'sendFile').mockImplementation(async (file) => {
            sent.push(file.name);
            most = Math.max(most, ++now);
            await pass(4);
            now--;
            if (file.name === '2.jpg') throw new Problem(422, 'not-a-picture', '“2.jpg” is not a picture.');
            return picture(file.name) as unknown as Awaited<ReturnType<typeof sending.sendFile>>;
        });
        const uploads = within(() => useUploads()).given;
        uploads.add('g1', files(7));
        await vi.waitFor(() => expect(uploads.uploads.filter(({ state }) => state === 'ready' || state === 'failed')).toHaveLength(7));
        expect(most).toBe(3);
        expect(sent).toEqual(files(7).map(({ name }) => name));
        expect(uploads.uploads.filter(({ state }) => state === 'failed').map(({ name, note }) => [name, note])).toEqual([
            ['2.jpg', '“2.jpg” is not a picture.'],
        ]);
        expect(new Set(uploads.uploads.map(({ arrival }) => arrival?.batch)).size).toBe(1);
        expect(uploads.uploads.map(({ arrival }) => arrival?.place)).toEqual([0, 1, 2, 3, 4, 5, 6]);
        uploads.clear();
        expect(uploads.uploads).toEqual([]);
    });

    it('go again when they are told to, and who would close the window is asked meanwhile', async () => {
        serve(session);
        let fails = true;
        vi.spyOn(sending, 'sendFile').mockImplementation((file) =>
            fails ? Promise.reject(new Error('line')) : Promise.resolve(picture(file.name) as unknown as Awaited<ReturnType<typeof sending.sendFile>>),
        );
        const uploads = within(() => useUploads()).given;
        uploads.add(null, files(1));
        const leaving = new Event('beforeunload', { cancelable: true });
        window.dispatchEvent(leaving);
        expect(leaving.defaultPrevented).toBe(true);
        await vi.waitFor(() => expect(uploads.uploads[0]?.state).toBe('failed'));
        fails = false;
        uploads.retry(uploads.uploads[0] as (typeof uploads.uploads)[0]);
        await vi.waitFor(() => expect(uploads.uploads[0]?.state).toBe('ready'));
        expect(uploads.uploads[0]).toMatchObject({ note: '', thumbnail: '/t/1.jpg' });
        const later = new Event('beforeunload', { cancelable: true });
        window.dispatchEvent(later);
        expect(later.defaultPrevented).toBe(false);
    });

    it('of a batch are counted as the server takes them in, with what it did not take', async () => {
        let looks = 0;
        const batch = (state: string, outcomes: { state: string; note: string }[]) => ({ id: 'b1', name: 'all.zip', state, total: 3, outcomes });
        const all = [
            { state: 'taken', note: '' },
            { state: 'failed', note: '“notes.txt” is not a picture.' },
            { state: 'taken', note: '' },
        ];
        serve({ ...session, 'batches/b1': () => (++looks < 2 ? batch('working', all.slice(0, 1)) : batch('done', all)) });
        const uploads = within(() => useUploads()).given;
        uploads.watchBatch('g1', batch('queued', []) as never);
        await vi.waitFor(() => expect(uploads.uploads[0]?.state).toBe('ready'), { timeout: 4000 });
        expect(uploads.uploads[0]?.note).toBe('2 of 3 taken\n“notes.txt” is not a picture.');
        expect(uploads.uploads[0]?.sent).toBe(1);
    });
});

describe('what is looked for in the store', () => {
    it('is told whole by every control, words only when one pauses', async () => {
        vi.useFakeTimers();
        const filter = reactive(everything());
        const met = meet(StoreFilters, { modelValue: computed(() => filter).value });
        await fireEvent.update(screen.getByLabelText('Words'), 'tide');
        expect(met.told('update:modelValue')).toEqual([]);
        await vi.advanceTimersByTimeAsync(500);
        vi.useRealTimers();
        await nextTick();
        await met.user.click(screen.getByRole('checkbox', { name: 'not used' }));
        expect(['Taken from', 'Taken until'].map((name) => screen.getByLabelText(name).tagName)).toEqual(['INPUT', 'INPUT']);
        await met.user.click(screen.getByRole('radio', { name: 'Navy' }));
        expect(met.told('update:modelValue')).toEqual([
            [{ ...everything(), words: 'tide' }],
            [{ ...everything(), unused: true }],
            [{ ...everything(), colour: expect.stringMatching(/^[0-9a-f]{6}$/) as string }],
        ]);
    });
});
