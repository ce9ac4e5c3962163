import { wantsLessMotion } from '../base/surroundings';

/**
 * Lets a picture come from where it, or what it stands for, was seen before; at once for those who want less motion.
 *
 * @param first how it is drawn at the beginning; whether it is in the pointer's way holds for the whole flight
 */
export function fly(element: Element | undefined, from: DOMRect | undefined, to: DOMRect | undefined, first: Keyframe): void {
    if (!element || !from?.width || !to?.width || wantsLessMotion()) return;
    const middle = (side: 'left' | 'top', length: 'width' | 'height'): number => from[side] + from[length] / 2 - to[side] - to[length] / 2;
    const transform = `translate(${middle('left', 'width')}px,${middle('top', 'height')}px) scale(${from.width / to.width})`;
    element.animate(
        [
            { ...first, transform },
            { ...first, transform: 'none', opacity: 1 },
        ],
        { duration: 210, easing: 'ease-out' },
    );
}
