export type Intent = 'next' | 'previous' | 'first' | 'last' | null;

/** What a key asks for; arrows follow the direction the page is read in. */
export function intentOfKey(key: string, rightToLeft: boolean): Intent {
    switch (key) {
        case 'ArrowRight':
            return rightToLeft ? 'previous' : 'next';
        case 'ArrowLeft':
            return rightToLeft ? 'next' : 'previous';
        case 'Home':
            return 'first';
        case 'End':
            return 'last';
        default:
            return null;
    }
}

/** px a finger travels before it is a swipe and not a tap. */
const SWIPE = 40;

/** What a finger's way asks for; null for a tap or an up-and-down movement. */
export function intentOfSwipe(dx: number, dy: number, rightToLeft: boolean): Intent {
    if (Math.abs(dx) < SWIPE || Math.abs(dx) < Math.abs(dy)) return null;
    return dx < 0 !== rightToLeft ? 'next' : 'previous';
}

/** The slide an intent leads to; after the last comes the first, or the last again. */
export function indexAfter(intent: Intent, index: number, count: number, again = true): number {
    switch (intent) {
        case 'next':
            return again ? (index + 1) % count : Math.min(index + 1, count - 1);
        case 'previous':
            return again ? (index + count - 1) % count : Math.max(index - 1, 0);
        case 'first':
            return 0;
        case 'last':
            return count - 1;
        default:
            return index;
    }
}
