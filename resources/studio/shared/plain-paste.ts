/** What word processors put into text that nobody sees, and typographic blanks. */
const UNSEEN = /[\u00ad\u200b\u2060\ufeff]/g;
const BLANKS = /[\u00a0\u2000-\u200a\u202f\u205f\u3000]/g;

/** Text from elsewhere as plain text: no marks, no odd blanks, line breaks only where they may be. */
export function plainText(text: string, hasLines: boolean): string {
    const plain = text
        .replace(/\r\n?|\u2028|\u2029/g, '\n')
        .replace(UNSEEN, '')
        .replace(BLANKS, ' ');
    return hasLines ? plain.replace(/\n{3,}/g, '\n\n') : plain.replace(/\s*\n\s*/g, ' ').trim();
}

/** Puts what is pasted into a field in as plain text, so that its own undo knows of it. */
export function plainPaste(event: ClipboardEvent, hasLines: boolean): void {
    const given = event.clipboardData?.getData('text/plain') ?? '';
    const plain = plainText(given, hasLines);
    if (plain === given) return;
    event.preventDefault();
    // The only way that keeps the browser's own undo.
    document.execCommand('insertText', false, plain);
}
