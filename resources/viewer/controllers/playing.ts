import { wantsLessMotion } from '../base/surroundings';

/** A slideshow's time; it stands still while it is held and goes on by itself. */
export class Playing {
    isOn = false;
    private timer = 0;

    /**
     * @param next whether there was a next one
     * @param isHeld while a pointer, the focus or open words hold it
     */
    constructor(
        private readonly seconds: number,
        private readonly next: () => boolean,
        private readonly isHeld: () => boolean,
        private readonly told: (isOn: boolean) => void,
    ) {}

    /** By itself it never plays for those who want less motion. */
    start(): void {
        if (!wantsLessMotion()) this.turn(true);
    }

    turn(isOn: boolean): void {
        this.isOn = isOn;
        this.told(isOn);
        this.wait();
    }

    /** From the picture that is seen now. */
    wait(): void {
        clearTimeout(this.timer);
        if (this.isOn) this.timer = window.setTimeout(() => this.tick(), this.seconds * 1000);
    }

    private tick(): void {
        if (document.hidden || this.isHeld()) return this.wait();
        if (this.next()) this.wait();
        else this.turn(false);
    }

    stop(): void {
        clearTimeout(this.timer);
        this.isOn = false;
    }
}
