/** Pure reckoning of the viewer: sizes in CSS px, scales in times the size that fits. */

export interface Size {
    readonly width: number;
    readonly height: number;
}

export interface View {
    /** Times the size that fits; 1 is the whole picture. */
    readonly scale: number;
    /** px that its middle is away from the middle of the room. */
    readonly x: number;
    readonly y: number;
}

export const WHOLE: View = { scale: 1, x: 0, y: 0 };

/** As large as the room allows, and never larger than its own px. */
export function fitted(picture: Size, room: Size): Size {
    const scale = Math.min(1, room.width / picture.width, room.height / picture.height);
    return { width: Math.max(1, picture.width * scale), height: Math.max(1, picture.height * scale) };
}

/** How far it can be enlarged: so many times, or until one of its px is one of the screen's. */
export function greatest(most: number, picture: Size, fit: Size, density: number): number {
    return most > 0 ? most : Math.max(1, picture.width / (fit.width * density));
}

/** A view kept to what may be: no edge of the picture comes into the room further than it must. */
export function bounded(view: View, fit: Size, room: Size, most: number): View {
    const scale = Math.min(Math.max(view.scale, 1), most);
    const free = (side: number, within: number): number => Math.max(0, (side * scale - within) / 2);
    const [x, y] = [free(fit.width, room.width), free(fit.height, room.height)];
    return { scale, x: Math.min(Math.max(view.x, -x), x), y: Math.min(Math.max(view.y, -y), y) };
}

/** The view at another scale in which what is at a point, seen from the middle of the room, stays there. */
export function scaledAt(view: View, scale: number, at: { x: number; y: number }): View {
    const by = scale / view.scale;
    return { scale, x: at.x - (at.x - view.x) * by, y: at.y - (at.y - view.y) * by };
}
