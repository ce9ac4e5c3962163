import type { TileSizeName } from '../api/layout-types';

/** The sizes of tiles that have a name, from small to large. */
export const TILE_SIZES: readonly { value: TileSizeName; label: string }[] = [
    { value: 'small', label: 'Small' },
    { value: 'medium', label: 'Medium' },
    { value: 'large', label: 'Large' },
    { value: 'very-large', label: 'Largest' },
];
