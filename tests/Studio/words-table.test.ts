import { fireEvent, screen } from '@testing-library/vue';
import { describe, expect, inject, it, vi } from 'vitest';
import { nextTick } from 'vue';
import type { Item, WordChange, WordKey } from '../../resources/studio/api/types';
import { TYPING } from '../../resources/studio/outbox/use-outbox';
import { columnsOfWords, FIRST_COLUMNS, type Column } from '../../resources/studio/words/fields';
import WordsList from '../../resources/studio/words/WordsList.vue';
import WordsTable from '../../resources/studio/words/WordsTable.vue';
import { itemOf, meet, tabStops, type Met } from './support';

const columns = (...keys: WordKey[]): Column[] => keys.map((key) => columnsOfWords().find((column) => column.key === key) as Column);
const table = (items: Item[] = [1, 2, 3].map((place) => itemOf(place)), shown = columns('title', 'caption', 'alt', 'decorative')): Met =>
    meet(WordsTable, { items, columns: shown, chosen: new Set<string>() });
const cell = (column: string, row: number): HTMLElement => screen.getByRole('gridcell', { name: new RegExp(`^${column} of picture ${row}:`) });
/** What each cell was saved as in the end, in the order in which they were begun. */
const kept = (told: Met['told']): unknown[] => {
    const last = new Map<string, unknown>();
    for (const [item, words] of told<[string, WordChange]>('save')) last.set(`${item} ${Object.keys(words).join()}`, [item, words]);
    return [...last.values()];
};
const stands = (): string => document.activeElement?.getAttribute('aria-label') ?? '';

async function paste(text: string): Promise<void> {
    const event = new Event('paste', { bubbles: true, cancelable: true });
    Object.defineProperty(event, 'clipboardData', { value: { getData: () => text } });
    await fireEvent(document.activeElement as Element, event);
}

describe('the words table', () => {
    it('has a column for every word PHP knows, and one for what is decorative', () => {
        expect(columnsOfWords().map(({ key }) => key)).toEqual([...inject('vocabulary').words.map(({ field }) => field), 'decorative']);
        for (const key of FIRST_COLUMNS) expect(columns(key)).toHaveLength(1);
    });

    it('is one tab stop, wherever one stands in it', async () => {
        const { user } = table();
        expect(tabStops()).toHaveLength(1);
        await user.tab();
        expect(stands()).toMatch(/^Title of picture 1/);
        await user.keyboard('{ArrowDown}{ArrowRight}');
        expect(stands()).toMatch(/^Caption of picture 2/);
        expect(tabStops()).toHaveLength(1);
        await user.keyboard('{ArrowLeft}{ArrowLeft}');
        expect(stands()).toMatch(/^2\. Kite 2/);
        expect(tabStops()).toHaveLength(1);
        await user.tab();
        expect(document.activeElement).toBe(document.body);
    });

    it('goes nowhere beyond its edges', async () => {
        const { user } = table();
        await user.tab();
        await user.keyboard('{ArrowUp}{ArrowUp}');
        expect(stands()).toMatch(/^Title of picture 1/);
        await user.keyboard('{ArrowLeft}{ArrowLeft}{ArrowLeft}');
        expect(stands()).toMatch(/^1\. Kite 1/);
        await user.keyboard('{ArrowDown}{ArrowDown}{ArrowDown}{ArrowDown}');
        expect(stands()).toMatch(/^3\. Kite 3/);
    });

    it('chooses a row from its first cell', async () => {
        const { user, told } = table();
        await user.tab();
        await user.keyboard('{ArrowLeft} {ArrowDown}{Enter}');
        expect(told('choose')).toEqual([['i1'], ['i2']]);
    });

    it('writes over what stands there, goes down by Enter and across by Tab', async () => {
        const { user, told } = table();
        await user.tab();
        await user.keyboard('Red sail{Enter}');
        expect(kept(told)).toEqual([['i1', { title: 'Red sail' }]]);
        // With every key, so that nothing typed is only here.
        expect(told('save')).toHaveLength('Red sail'.length);
        expect(stands()).toMatch(/^Title of picture 2/);
        await user.keyboard('Two deltas{Tab}');
        expect(stands()).toMatch(/^Caption of picture 2/);
        await user.keyboard('At noon{Shift>}{Tab}{/Shift}');
        expect(stands()).toMatch(/^Title of picture 2/);
        expect(kept(told).slice(1)).toEqual([
            ['i2', { title: 'Two deltas' }],
            ['i2', { caption: 'At noon' }],
        ]);
    });

    it('edits what stands there by Enter or F2, and leaves it by Escape as it was', async () => {
        const { user, told } = table();
        await user.tab();
        await user.keyboard('{Enter}');
        await nextTick();
        expect(screen.getByRole<HTMLTextAreaElement>('textbox').value).toBe('Kite 1');
        await user.keyboard(' and more{Escape}');
        // Back to what it was: the picture's own, and no word of this gallery.
        expect(kept(told)).toEqual([['i1', { title: null }]]);
        expect(stands()).toMatch(/^Title of picture 1: Kite 1/);
        await user.keyboard('{F2}');
        await nextTick();
        await user.keyboard('!{Shift>}{Enter}{/Shift}?');
        expect(screen.getByRole<HTMLTextAreaElement>('textbox').value).toBe('Kite 1!\n?');
    });

    it('empties by Delete, or goes back to the picture’s own word where the gallery has another', async () => {
        const other = { ...itemOf(2, { title: 'In this gallery only' }), exceptions: ['title' as const] };
        const { user, told } = table([itemOf(1), other, itemOf(3, { title: '' })]);
        await user.tab();
        expect(cell('Title', 2).getAttribute('aria-label')).toContain('only in this gallery');
        await user.keyboard('{Delete}{ArrowDown}{Delete}{ArrowDown}{Delete}');
        expect(kept(told)).toEqual([
            ['i1', { title: '' }],
            ['i2', { title: null }],
        ]);
    });

    it('says by one key whether a picture is decorative', async () => {
        const { user, told } = table([itemOf(1, { decorative: true }), itemOf(2)]);
        cell('Decorative', 1).focus();
        await user.keyboard(' {ArrowDown}{Enter}x');
        expect(kept(told)).toEqual([
            ['i1', { decorative: false }],
            ['i2', { decorative: true }],
        ]);
    });

    it('leaves the studio’s own keys alone', async () => {
        const { user, told } = table();
        await user.tab();
        await user.keyboard('{Control>}z{/Control}{Meta>}c{/Meta}{Escape}{PageDown}');
        expect(screen.queryByRole('textbox')).toBeNull();
        expect(told('save')).toEqual([]);
    });
});

describe('what is pasted into the words table', () => {
    it('fills down and across from where one stands, and what does not fit falls away', async () => {
        const { user, told } = table();
        await user.tab();
        await user.keyboard('{ArrowDown}{ArrowRight}');
        await paste('One\tA red kite\tyes\tbeyond\nTwo\t"Line\none"\tno\nThree\tbelow all rows');
        expect(told('fill')).toEqual([
            [
                {
                    i2: { caption: 'One', alt: 'A red kite', decorative: true },
                    i3: { caption: 'Two', alt: 'Line\none', decorative: false },
                },
            ],
        ]);
    });

    it('begins with the first word where one stands on the picture', async () => {
        const { user, told } = table();
        await user.tab();
        await user.keyboard('{ArrowLeft}');
        await paste('One\tFirst\nTwo\tSecond');
        expect(told('fill')).toEqual([[{ i1: { title: 'One', caption: 'First' }, i2: { title: 'Two', caption: 'Second' } }]]);
    });

    it('is left to the field where it is one word, or where one writes', async () => {
        const { user, told } = table();
        await user.tab();
        await paste('one word');
        await user.keyboard('{Enter}');
        await nextTick();
        const insert = vi.fn();
        Object.assign(document, { execCommand: insert });
        await paste('two\trows\nof words');
        expect(insert).toHaveBeenCalledWith('insertText', false, 'two\trows of words');
        expect(told('fill')).toEqual([]);
    });
});

describe('what one types in the words table', () => {
    it('is told with every key, and taken back by Escape to the word there was', async () => {
        const other = { ...itemOf(2, { title: 'In this gallery' }), exceptions: ['title' as const] };
        const { user, told } = table([itemOf(1), other]);
        await user.tab();
        await user.keyboard('{ArrowDown}Red');
        expect(told('save')).toEqual(['R', 'Re', 'Red'].map((title) => ['i2', { title }, TYPING]));
        await user.keyboard('{Escape}');
        expect(told<[string, WordChange]>('save').at(-1)?.[1]).toEqual({ title: 'In this gallery' });
    });

    it('is drawn only where one sees it, and the keyboard goes anywhere all the same', async () => {
        const { user } = table(Array.from({ length: 1000 }, (_, place) => itemOf(place + 1)));
        expect(screen.getByRole('grid').getAttribute('aria-rowcount')).toBe('1001');
        expect(screen.getAllByRole('row').length).toBeLessThan(40);
        await user.tab();
        for (let step = 0; step < 45; step++) await user.keyboard('{ArrowDown}');
        expect(stands()).toMatch(/^Title of picture 46/);
        expect(document.activeElement?.closest('[role="row"]')?.getAttribute('aria-rowindex')).toBe('47');
        expect(screen.getAllByRole('row').length).toBeLessThan(40);
    });
});

describe('the words as a list, on narrow screens', () => {
    it('has a labelled field for each word, with what is wrong with it', async () => {
        const flawed = { ...itemOf(1), flaws: ['missing'] } as Item;
        const { user, told } = meet(WordsList, { items: [flawed, itemOf(2)], columns: columns('title', 'alt', 'decorative') });
        expect(screen.getAllByRole('textbox')).toHaveLength(4);
        expect(screen.getByText(inject('vocabulary').flaws.find(({ code }) => code === 'missing')?.advice ?? '')).toBeTruthy();
        await user.type(screen.getByLabelText(/^Alt text, picture 2/), 'A kite');
        await user.tab();
        expect(kept(told)).toEqual([['i2', { alt: 'A kite' }]]);
    });
});
