/** What pointers on the stage come to; the viewer decides what it does with it. All in px of the window. */
export interface Hand {
    /** One pointer presses, away from buttons. Whether it may be drawn. */
    begins(at: PointerEvent): boolean;
    /** Drawn so far from where it began. */
    draws(dx: number, dy: number): void;
    /** Let go: the way in all, and px a ms at the end. */
    lets(dx: number, dy: number, vx: number, vy: number): void;
    /** Pressed and let go at once; how often in a row. */
    taps(at: PointerEvent, times: number): void;
    /** Two pointers: times as far apart as they began, and their middle. */
    pinches(by: number, x: number, y: number): void;
    pinched(): void;
}

/** px within which a press is no drawing. */
const STILL = 8;

/** ms within which the second tap makes it a double one. */
const DOUBLE = 320;

interface Point {
    x: number;
    y: number;
}

/** Hears pointers of any kind on a stage. */
export function follow(stage: HTMLElement, hand: Hand, signal: AbortSignal): void {
    const down = new Map<number, Point>();
    let start: Point | null = null;
    let moved = false;
    let last: (Point & { time: number })[] = [];
    let apart = 0;
    let tapped = { time: 0, x: 0, y: 0, times: 0 };

    const two = (): { gap: number; x: number; y: number } => {
        const [a, b] = [...down.values()] as [Point, Point];
        return { gap: Math.hypot(a.x - b.x, a.y - b.y), x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 };
    };
    const point = ({ clientX: x, clientY: y }: PointerEvent): Point => ({ x, y });

    stage.addEventListener(
        'pointerdown',
        (event) => {
            if (event.button !== 0 || (event.target as Element).closest('button,a,video,.text,input')) return;
            down.set(event.pointerId, point(event));
            if (down.size === 1) {
                moved = false;
                start = hand.begins(event) ? point(event) : null;
                last = [{ ...point(event), time: event.timeStamp }];
            } else if (down.size === 2) {
                if (start && moved) hand.lets(0, 0, 0, 0);
                start = null;
                moved = true;
                apart = two().gap;
            }
        },
        { signal },
    );
    stage.addEventListener(
        'pointermove',
        (event) => {
            if (!down.has(event.pointerId)) return;
            down.set(event.pointerId, point(event));
            if (down.size === 2 && apart > 0) {
                const { gap, x, y } = two();
                hand.pinches(gap / apart, x, y);
            } else if (start) {
                const [dx, dy] = [event.clientX - start.x, event.clientY - start.y];
                if (!moved && Math.hypot(dx, dy) < STILL) return;
                if (!moved) stage.setPointerCapture?.(event.pointerId);
                moved = true;
                last = [...last.filter(({ time }) => event.timeStamp - time < 80), { ...point(event), time: event.timeStamp }];
                hand.draws(dx, dy);
            }
        },
        { signal },
    );
    const up = (event: PointerEvent): void => {
        if (!down.delete(event.pointerId)) return;
        if (apart > 0) {
            if (down.size < 2) {
                apart = 0;
                hand.pinched();
            }
            return;
        }
        if (start && moved) {
            const first = last[0] ?? { ...start, time: event.timeStamp };
            const time = Math.max(1, event.timeStamp - first.time);
            hand.lets(event.clientX - start.x, event.clientY - start.y, (event.clientX - first.x) / time, (event.clientY - first.y) / time);
        } else if (!moved && event.type === 'pointerup') {
            const again = event.timeStamp - tapped.time < DOUBLE && Math.hypot(event.clientX - tapped.x, event.clientY - tapped.y) < 4 * STILL;
            tapped = { ...point(event), time: event.timeStamp, times: again ? tapped.times + 1 : 1 };
            hand.taps(event, tapped.times);
        }
        start = null;
    };
    stage.addEventListener('pointerup', up, { signal });
    stage.addEventListener('pointercancel', up, { signal });
}
