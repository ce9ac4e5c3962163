import type { SitePage } from '../api/types';

/** How visitors find it, in a few words. */
export function menuNote(page: SitePage): string {
    const parts = [whereInMenu(page)];
    if (page.comments) parts.push('comments on');
    if (page.offline) parts.push('offline');
    else if (!page.live) parts.push('not live yet');
    return parts.join(' · ');
}

function whereInMenu(page: SitePage): string {
    if (page.menu_label !== null) return `in the menu as “${page.menu_label}”`;
    if (page.linked_from.length > 0) return `in no menu; linked from ${page.linked_from.join(', ')}`;
    return page.lost ? 'in no menu: visitors will not find it' : 'in no menu';
}
