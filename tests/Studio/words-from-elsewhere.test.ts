import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cellsOf, isBlock } from '../../resources/studio/words/block';
import { plainText } from '../../resources/studio/shared/plain-paste';

/** What a spreadsheet lays on the clipboard, written by another hand than what reads it. */
const asSpreadsheet = (rows: string[][], end: string): string =>
    rows.map((row) => row.map((cell) => (/["\t\n]/.test(cell) ? `"${cell.replaceAll('"', '""')}"` : cell)).join('\t')).join(end) + end;

const cell = fc.string({ unit: fc.constantFrom('a', 'ß', ' ', '"', '\t', '\n', 'ש', '🪁', "'", ','), maxLength: 8 });
const table = fc.integer({ min: 1, max: 5 }).chain((width) => fc.array(fc.array(cell, { minLength: width, maxLength: width }), { minLength: 1, maxLength: 5 }));

describe('a block from a spreadsheet', () => {
    it('comes back as it was, whatever stands in its cells and however its lines end', () => {
        fc.assert(
            fc.property(table, fc.constantFrom('\n', '\r\n'), (rows, end) => {
                expect(cellsOf(asSpreadsheet(rows, end))).toEqual(rows);
            }),
        );
    });

    it('is told from a word or a sentence', () => {
        for (const text of ['', 'one', 'two words', 'with a line at its end\n', '"quoted", and more']) expect(isBlock(text)).toBe(false);
        for (const text of ['a\tb', 'a\nb', 'a\r\nb\r\n', '\t']) expect(isBlock(text)).toBe(true);
    });

    it('takes a quotation mark within a word for what it is', () => {
        expect(cellsOf('6" reel\tok')).toEqual([['6" reel', 'ok']]);
        expect(cellsOf('"open\tand never closed')).toEqual([['open\tand never closed']]);
    });
});

describe('text from a word processor', () => {
    it('loses what nobody sees and keeps what one reads', () => {
        expect(plainText('Kite\u00ad\u200bday\u00a0at\u2009noon\ufeff', false)).toBe('Kiteday at noon');
        expect(plainText('One\r\ntwo\u2028three', false)).toBe('One two three');
        expect(plainText('One\r\n\r\n\r\n\r\ntwo\rthree', true)).toBe('One\n\ntwo\nthree');
    });

    it('is the same when it is pasted again', () => {
        fc.assert(
            fc.property(
                fc.string({ unit: fc.constantFrom('a', ' ', '\n', '\r', '\u2028', '\u00a0', '\u200b', 'é'), maxLength: 20 }),
                fc.boolean(),
                (text, hasLines) => {
                    const once = plainText(text, hasLines);
                    expect(plainText(once, hasLines)).toBe(once);
                    if (!hasLines) expect(once).not.toMatch(/[\n\r\u2028]/);
                },
            ),
        );
    });
});
