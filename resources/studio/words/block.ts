/**
 * Cells of a spreadsheet as they lie on the clipboard: rows by line, cells by tab; a cell in
 * quotation marks may hold both, and quotation marks doubled.
 */
export function cellsOf(text: string): string[][] {
    const rows: string[][] = [[]];
    let cell = '';
    let quoted = false;
    const plain = text.replace(/\r\n?/g, '\n').replace(/\n$/, '');
    for (let i = 0; i < plain.length; i++) {
        const sign = plain[i] as string;
        if (quoted) {
            if (sign === '"' && plain[i + 1] === '"') cell += plain[++i];
            else if (sign === '"') quoted = false;
            else cell += sign;
        } else if (sign === '"' && cell === '') {
            quoted = true;
        } else if (sign === '\t' || sign === '\n') {
            rows[rows.length - 1]?.push(cell);
            cell = '';
            if (sign === '\n') rows.push([]);
        } else {
            cell += sign;
        }
    }
    rows[rows.length - 1]?.push(cell);
    return rows;
}

/** Whether it is more than one cell, and so fills down and across. */
export function isBlock(text: string): boolean {
    const rows = cellsOf(text);
    return rows.length > 1 || (rows[0]?.length ?? 0) > 1;
}
