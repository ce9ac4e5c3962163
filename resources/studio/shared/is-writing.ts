/** Whether text is written there: its keys, and what is pasted, belong to it. */
export function isWriting(target: EventTarget | null): boolean {
    return target instanceof Element && target.closest('textarea, [contenteditable="true"], input:not([readonly], [type="radio"], [type="checkbox"])') !== null;
}
