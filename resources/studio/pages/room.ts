export interface Room {
    phone: number;
    in_phone: number;
    wide: number;
    in_wide: number;
}

/** Measures how much room a place has in two windows: of a page that does not tell. */
export function roomOf(shown: Document, spot: number, windows: { wide: number; phone: number }): Room | null {
    const frame = shown.defaultView?.frameElement as HTMLIFrameElement | null;
    const place = shown.querySelector<HTMLElement>(`[data-spot="${spot}"]`);
    if (!frame || !place) return null;
    const before = frame.style.width;
    // All of it, though something may float there now.
    place.style.display = 'block';
    const measured = (width: number): number => {
        frame.style.width = `${width}px`;
        return Math.max(1, Math.round(place.getBoundingClientRect().width));
    };
    const room = { phone: windows.phone, in_phone: measured(windows.phone), wide: windows.wide, in_wide: measured(windows.wide) };
    frame.style.width = before;
    place.style.display = '';
    return room;
}
