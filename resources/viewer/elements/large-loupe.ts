import type { Stage } from './stage';
import { fileOf } from '../base/slides';
import { Loupe } from '../controllers/loupe';

/** The loupe over the large picture: it follows the pointer, or a finger, which then does nothing else; ends with the signal. */
export function lendOver(stage: Stage, [size, strength]: readonly [number, number], home: HTMLElement, signal: AbortSignal): void {
    const loupe = new Loupe(size, strength, home);
    const show = (event: PointerEvent): void => {
        const { frame } = stage;
        if (frame?.slide.kind !== 'picture') return;
        event.stopImmediatePropagation();
        loupe.show(frame.box, event.clientX, event.clientY, fileOf(frame.slide, loupe.wanted(frame.box)), event.pointerType !== 'mouse');
    };
    // Before the stage itself hears of it.
    for (const sign of ['pointermove', 'pointerdown'] as const) stage.element.addEventListener(sign, show, { signal, capture: true });
    stage.element.addEventListener('pointerleave', () => loupe.hide(), { signal });
    signal.addEventListener('abort', () => loupe.leave());
}
