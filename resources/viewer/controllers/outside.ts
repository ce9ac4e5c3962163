import type { Say } from '../base/surroundings';

/** The page as a whole is what can fill the screen; the dialog is laid over it anew. */
export async function fillScreen(dialog: HTMLDialogElement): Promise<void> {
    if (document.fullscreenElement) return document.exitFullscreen();
    await document.documentElement.requestFullscreen();
    const focused = (dialog.getRootNode() as ShadowRoot).activeElement as HTMLElement | null;
    dialog.close();
    dialog.showModal();
    focused?.focus();
}

/** Hands an address to the system, or to the clipboard; where neither is allowed it is shown, to be copied by hand. */
export async function share(title: string, url: string, say: Say, tell: (what: string) => void): Promise<void> {
    try {
        if (navigator.canShare?.({ title, url })) return await navigator.share({ title, url });
        await navigator.clipboard.writeText(url);
        tell(say('copied'));
    } catch (error) {
        // Who changed their mind is told nothing.
        if ((error as Error).name !== 'AbortError') tell(url);
    }
}
