/** What keys do, by where they do it: the sheet that opens on "?". Every one of them has a button as well. */
export const SHORTCUTS: { under: string; keys: [keys: string, does: string][] }[] = [
    {
        under: 'Everywhere in a gallery',
        keys: [
            ['Ctrl Z', 'take the last act back'],
            ['Ctrl Shift Z', 'do it again'],
            ['?', 'this sheet'],
        ],
    },
    {
        under: 'Pictures',
        keys: [
            ['Arrows', 'go from one to the next'],
            ['Space', 'choose it; with Ctrl one more, with Shift all between'],
            ['Ctrl A', 'choose all'],
            ['Esc', 'choose none'],
            ['Alt Arrows', 'move what is chosen; with Home and End to the start and the end'],
            ['T', 'tidy the picture'],
            ['H', 'hide what is chosen from visitors, or show it again'],
            ['Delete', 'take what is chosen out of the gallery'],
        ],
    },
    {
        under: 'Words',
        keys: [
            ['Arrows', 'go from cell to cell'],
            ['Enter', 'write in the cell, and go on to the next below'],
            ['Tab', 'go on to the next cell'],
            ['Esc', 'take back what was typed in the cell'],
            ['Delete', 'go back to the picture’s own word'],
            ['Space', 'choose the picture, in front of its row'],
            ['Ctrl V', 'a column from a spreadsheet fills down'],
        ],
    },
    {
        under: 'Layout, finish and tidying',
        keys: [
            ['Arrows', 'move a slider or a handle; with Shift in larger steps; go through candidates and finishes'],
            ['Enter', 'take the candidate or the finish that is looked at'],
            ['B', 'hold for the picture as it was before it was tidied'],
            ['Esc', 'close what is open'],
        ],
    },
];
