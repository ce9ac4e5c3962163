import { useEventListener, useMutationObserver } from '@vueuse/core';

const FOCUSABLE = 'a[href], button, input, select, textarea, [tabindex], [contenteditable="true"]';

/** What can take the focus now: shown, not switched off, and a tab stop. */
export function canTakeFocus(element: HTMLElement): boolean {
    return (
        element.tabIndex >= 0 &&
        !element.matches(':disabled, [aria-hidden="true"] *, [type="hidden"], [type="file"].unseen') &&
        (element.checkVisibility?.() ?? true)
    );
}

/** The tab stop within a place that is nearest to where one stood, counted in tab stops. */
export function nearestTabStop(home: Element, index: number): HTMLElement | undefined {
    const stops = [...home.querySelectorAll<HTMLElement>(FOCUSABLE)].filter(canTakeFocus);
    return stops[Math.max(0, Math.min(index, stops.length - 1))];
}

/**
 * The focus never falls to the body after an act: when what had it goes away or is switched off, the
 * nearest tab stop of the place where it stood gets it.
 */
export function useFocusGuard(): void {
    let stood: { element: HTMLElement; homes: { home: Element; index: number }[] } | null = null;

    useEventListener(document, 'focusin', ({ target }) => {
        if (!(target instanceof HTMLElement) || target === document.body) return;
        const homes: { home: Element; index: number }[] = [];
        for (let home = target.parentElement; home && home !== document.body; home = home.parentElement) {
            const stops = [...home.querySelectorAll<HTMLElement>(FOCUSABLE)].filter((stop) => stop === target || canTakeFocus(stop));
            homes.push({ home, index: stops.indexOf(target) });
        }
        stood = { element: target, homes };
    });
    // Pressing on what takes no focus is no loss of it.
    useEventListener(document, 'pointerdown', ({ target }) => {
        if (target instanceof Element && !target.closest(FOCUSABLE)) stood = null;
    });

    function mend(): void {
        if (
            !stood ||
            (document.activeElement !== document.body &&
                document.activeElement !== null &&
                document.activeElement.isConnected &&
                !document.activeElement.matches(':disabled'))
        )
            return;
        if (stood.element.isConnected && canTakeFocus(stood.element)) return;
        const place = stood.homes.find(({ home, index }) => home.isConnected && nearestTabStop(home, index));
        if (place) nearestTabStop(place.home, place.index)?.focus();
    }

    useMutationObserver(document.body, () => window.requestAnimationFrame(mend), {
        childList: true,
        subtree: true,
        attributes: true,
        attributeFilter: ['disabled'],
    });
}
