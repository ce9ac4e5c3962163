import type { SitePage } from '../api/types';

/** A page with those that stand below it in the menu. */
export interface Branch {
    id: string;
    page: SitePage;
    below: Branch[];
}

/** As the menu has them; what stands below a page that is not in the menu stands on the first level. */
export function branches(pages: readonly SitePage[], parent: string | null = null): Branch[] {
    const shown = new Set(pages.filter(({ menu_label }) => menu_label !== null).map(({ id }) => id));
    const parentOf = (page: SitePage): string | null => (page.menu_label !== null && page.parent !== null && shown.has(page.parent) ? page.parent : null);
    return pages.filter((page) => parentOf(page) === parent).map((page) => ({ id: page.id, page, below: branches(pages, page.id) }));
}

/** All pages from top to bottom, each with the one that it stands below. */
export function orderOf(tree: readonly Branch[], parent: string | null = null): { id: string; parent: string | null }[] {
    return tree.flatMap(({ id, below }) => [{ id, parent }, ...orderOf(below, id)]);
}

type Way = 'up' | 'down' | 'in' | 'out';

/** The same tree with one page a step on; null where there is no such step. */
export function moved(tree: readonly Branch[], id: string, way: Way): Branch[] | null {
    const copy = structuredClone(tree.map(plain));
    const found = find(copy, id);
    if (!found) return null;
    const { list, index, above } = found;
    const [own] = list.splice(index, 1) as [Branch];
    if (way === 'up' && index > 0) list.splice(index - 1, 0, own);
    else if (way === 'down' && index < list.length) list.splice(index + 1, 0, own);
    else if (way === 'in' && own.page.menu_label !== null && list[index - 1]?.page.menu_label != null) list[index - 1]?.below.push(own);
    else if (way === 'out' && above) above.list.splice(above.index + 1, 0, own);
    else return null;
    return copy;
}

function plain(branch: Branch): Branch {
    return JSON.parse(JSON.stringify(branch)) as Branch;
}

interface Found {
    list: Branch[];
    index: number;
    above: { list: Branch[]; index: number } | null;
}

function find(list: Branch[], id: string, above: Found['above'] = null): Found | null {
    for (const [index, branch] of list.entries()) {
        if (branch.id === id) return { list, index, above };
        const found = find(branch.below, id, { list, index });
        if (found) return found;
    }
    return null;
}
