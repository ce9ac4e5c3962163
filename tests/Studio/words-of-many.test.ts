import { cleanup, screen, within as inside } from '@testing-library/vue';
import { describe, expect, it, vi } from 'vitest';
import CsvPanel from '../../resources/studio/words/CsvPanel.vue';
import FillPanel from '../../resources/studio/words/FillPanel.vue';
import { galleryOf, itemOf, meet, pass, refused, serve } from './support';

describe('filling many', () => {
    const gallery = galleryOf([itemOf(1), itemOf(2), itemOf(3)]);
    const rows = [
        { item: 'i1', before: 'Kite 1', after: 'Kite, 1 of 3' },
        { item: 'i2', before: 'Kite 2', after: null },
        { item: 'i3', before: '', after: 'Kite, 3 of 3' },
    ];

    it('shows what it comes to before it does it, asked for once when one pauses', async () => {
        const asked = serve({ '/fill/preview': () => ({ rows }) });
        const { user, told } = meet(FillPanel, { gallery, items: ['i1', 'i3'] });
        expect(screen.getByText('The 2 chosen')).toBeTruthy();
        expect(screen.queryByRole('spinbutton', { name: 'Count from' })).toBeNull();
        await user.type(screen.getByRole('textbox', { name: 'Text' }), 'Kite, ');
        await user.click(screen.getByRole('button', { name: '{number}' }));
        expect(screen.getByRole('spinbutton', { name: 'Count from' })).toBeTruthy();
        await vi.waitFor(() => expect(screen.getByText('2 of 3 change')).toBeTruthy());
        expect(asked.at(-1)?.body).toEqual({
            fill: { field: 'title', act: 'set', text: 'Kite, {number}', find: '', only_empty: false, from: 1 },
            items: ['i1', 'i3'],
        });
        expect(asked.length).toBeLessThan(4);
        expect(inside(screen.getByRole('region', { name: 'What it comes to' })).getAllByRole('listitem')).toHaveLength(2);
        await user.click(screen.getByRole('button', { name: 'Fill 2' }));
        expect(told('apply')).toEqual([[expect.objectContaining({ text: 'Kite, {number}' }), ['i1', 'i3']]]);
    });

    it('asks for nothing while there is nothing to find or to write', async () => {
        const asked = serve({ '/fill/preview': () => ({ rows }) });
        const { user } = meet(FillPanel, { gallery, items: ['i1', 'i2', 'i3'] });
        expect(screen.getByText('All 3')).toBeTruthy();
        await user.click(screen.getByRole('radio', { name: 'Replace' }));
        await user.type(screen.getByRole('textbox', { name: 'Put in its place' }), 'new');
        await pass(400);
        expect(asked).toEqual([]);
        expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Fill 0' }).disabled).toBe(true);
        // To clear needs no words at all.
        await user.click(screen.getByRole('radio', { name: 'Clear' }));
        await vi.waitFor(() => expect(asked).toHaveLength(1));
        expect(screen.queryByRole('textbox')).toBeNull();
    });

    it('asks for nothing once it is closed', async () => {
        const asked = serve({ '/fill/preview': () => ({ rows }) });
        const { user } = meet(FillPanel, { gallery, items: ['i1'] });
        await user.type(screen.getByRole('textbox', { name: 'Text' }), 'K');
        cleanup();
        await pass(400);
        expect(asked).toEqual([]);
    });

    it('says why it cannot be, and offers nothing to do', async () => {
        serve({ '/fill/preview': () => refused('There is no {moon}.') });
        const { user } = meet(FillPanel, { gallery, items: ['i1'] });
        await user.type(screen.getByRole('textbox', { name: 'Text' }), '{{moon}');
        await vi.waitFor(() => expect(screen.getByText('There is no {moon}.')).toBeTruthy());
        expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Fill 0' }).disabled).toBe(true);
    });
});

describe('words from a spreadsheet', () => {
    const gallery = galleryOf([itemOf(1), itemOf(2)]);
    const file = new File(['item,title'], 'words.csv', { type: 'text/csv' });

    it('are shown with the lines that cannot be read, and taken only when one says so', async () => {
        const asked = serve({
            '/words.csv/preview': () => ({ words: { i1: { title: 'Low tide' }, i2: { caption: '' } }, problems: [{ line: 4, says: 'No such picture.' }] }),
            '/words.csv': () => ({ gallery: { ...gallery, version: 2 } }),
        });
        const { user, told } = meet(CsvPanel, { gallery });
        await user.upload(screen.getByLabelText('CSV to bring back'), file);
        await vi.waitFor(() => expect(screen.getByText('2 pictures change.')).toBeTruthy());
        expect(screen.getByRole('region', { name: 'What it changes' }).textContent).toMatch(
            /1 line cannot be read.*Line 4: No such picture.*Kite 1.*Low tide.*Kite 2.*nothing/s,
        );
        expect(asked.map(({ path }) => path)).toEqual(['galleries/g1/words.csv/preview']);
        await user.click(screen.getByRole('button', { name: 'Apply' }));
        await vi.waitFor(() => expect(told('applied')).toEqual([[{ ...gallery, version: 2 }]]));
        const sent = asked.at(-1)?.body as FormData;
        expect([sent.get('version'), (sent.get('file') as File).name]).toEqual(['1', 'words.csv']);
        expect(screen.queryByRole('region', { name: 'What it changes' })).toBeNull();
    });

    it('are refused in words', async () => {
        serve({ '/words.csv/preview': () => refused('The file has no column “item” or “file”.') });
        const { user } = meet(CsvPanel, { gallery });
        await user.upload(screen.getByLabelText('CSV to bring back'), file);
        await vi.waitFor(() => expect(screen.getByText(/no column/)).toBeTruthy());
        expect(screen.queryByRole('button', { name: 'Apply' })).toBeNull();
    });
});
