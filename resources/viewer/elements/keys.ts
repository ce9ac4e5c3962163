import { intentOfKey, type Intent } from '../base/intents';
import { isRightToLeft } from '../base/surroundings';
import { STEP, type Stage } from './stage';

interface Keyed {
    follow(intent: Intent): void;
    /** From 1. */
    number(number: number): void;
    stage: Stage;
}

/** ms within which digits make one number. */
const TOGETHER = 900;

/** px that an arrow moves an enlarged picture by. */
const MOVE = 80;

const ARROWS: Record<string, readonly [number, number]> = { ArrowLeft: [1, 0], ArrowRight: [-1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] };

/** What keys do in the large view; with Ctrl, Alt or Meta they are the browser's. */
export class Keys {
    private digits = '';
    private typed = 0;

    constructor(
        private readonly place: HTMLElement,
        private readonly keyed: Keyed,
        signal: AbortSignal,
    ) {
        place.addEventListener('keydown', (event) => this.press(event), { signal });
    }

    private press(event: KeyboardEvent): void {
        const { key, target } = event;
        // A video and a slider have arrow keys of their own; so has what is scrolled, up and down.
        if (event.altKey || event.ctrlKey || event.metaKey || (target as Element).matches('video,input')) return;
        if ((key === 'ArrowUp' || key === 'ArrowDown') && (target as Element).matches('.said,.text')) return;
        if (this.does(key, event.timeStamp)) event.preventDefault();
        // Another key between them, and they are no one number.
        if (!/^\d$/.test(key)) this.digits = '';
    }

    private does(key: string, now: number): boolean {
        const { stage } = this.keyed;
        const arrow = ARROWS[key];
        if (arrow && stage.scale > 1) {
            stage.pan(arrow[0] * MOVE, arrow[1] * MOVE);
            return true;
        }
        const intent = intentOfKey(key, isRightToLeft(this.place));
        if (intent) {
            this.keyed.follow(intent);
            return true;
        }
        if (key === '+' || key === '=') stage.zoomTo(stage.scale * STEP);
        else if (key === '-') stage.zoomTo(stage.scale / STEP);
        else if (/^\d$/.test(key)) this.digit(key, now);
        else return false;
        return true;
    }

    /** Digits go to the picture of that number; 0 alone shows the whole picture again. */
    private digit(key: string, now: number): void {
        this.digits = now - this.typed < TOGETHER ? this.digits + key : key;
        this.typed = now;
        if (Number(this.digits) === 0) this.keyed.stage.zoomTo(1);
        else this.keyed.number(Number(this.digits));
    }
}
