/** px of window that a proof may be drawn for. */
export const LEAST = 240;
export const MOST = 2560;
