import type { RouteLocationRaw } from 'vue-router';
import type { Snag } from '../api/types';

/** Where one looks at a snag, and mends it by hand. */
export function placeOf(gallery: string, snag: Snag, item?: string): RouteLocationRaw {
    const query = item === undefined ? (snag.page === null ? {} : { page: snag.page }) : { item };
    return { name: snag.stage, params: { id: gallery }, query };
}

export const countOf = (count: number): string => (count === 1 ? '1 snag' : `${count} snags`);
