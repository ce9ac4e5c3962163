/** px below which it is not seen well enough to be fitted into. */
const LEAST = 160;

/** Where what is seen is told anew: every hundredth of the whole. */
const STEPS = Array.from({ length: 101 }, (_, step) => step / 100);

/** In a frame that is higher than the window around it, only the part is used that is in sight. */
export function keepInSight(dialog: HTMLDialogElement, signal: AbortSignal): void {
    if (window === window.parent) return;
    const seen = new IntersectionObserver(
        (entries) => {
            const { top, height } = entries.at(-1)?.intersectionRect ?? { top: 0, height: 0 };
            if (height < LEAST) return;
            dialog.style.setProperty('--top', `${Math.round(top)}px`);
            dialog.style.setProperty('--high', `${Math.round(height)}px`);
        },
        { threshold: STEPS },
    );
    seen.observe(document.documentElement);
    signal.addEventListener('abort', () => seen.disconnect());
}
