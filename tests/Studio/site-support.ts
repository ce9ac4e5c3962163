import { computed, ref, type ComputedRef } from 'vue';
import type { PaneDetails, Site, SitePage, SitePane } from '../../resources/studio/api/types';
import type { UseSiteReturn } from '../../resources/studio/site/use-site';

export const pageOf = (id: string, more: Partial<SitePage> = {}): SitePage => ({
    id,
    title: `Page ${id}`,
    address: `/${id}`,
    slug: id,
    menu_label: null,
    parent: null,
    comments: false,
    offline: false,
    brought_in: false,
    live: true,
    body: 'b',
    parts: 2,
    changes: [],
    changed_by: null,
    linked_from: [],
    lost: false,
    panes: [],
    ...more,
});

export const paneOf = (more: Partial<SitePane> = {}): SitePane => ({
    id: 'n1',
    gallery_id: 'g1',
    gallery: 'Kites',
    spot: 1,
    says_spot: 'after “One”',
    name: 'kites',
    says: 'wide',
    place: { width: 'wide', px: 480, side: 'start', above: null, below: null },
    exceptions: {},
    except: [],
    ...more,
});

export const detailsOf = (more: Partial<PaneDetails> = {}): PaneDetails => ({
    id: 'n1',
    room: { wide: 1120, phone: 354, most: 1120 },
    marks: { page: [546, 684, 1120], tiles: [240, 492] },
    space: { above: 28, below: 40 },
    exceptions: [{ path: 'layout.columns', label: 'How many columns', here: 3, says: '3', gallery: '3', is_other: false }],
    finish: { here: 'Bare', gallery: 'Bare' },
    albums: [],
    items: [
        { id: 'i1', title: 'Kite 1', thumbnail: null, shown: true },
        { id: 'i2', title: 'Kite 2', thumbnail: null, shown: false },
    ],
    ...more,
});

/** The site as a screen shares it, with what it was asked to do. */
export function sharedOf(pages: SitePage[], site: Partial<Site> = {}): UseSiteReturn & { said: string[] } {
    const said: string[] = [];
    return {
        site: ref({ galleries: [], frame: [], gone: [], ...site } as unknown as Site),
        pages: ref(pages) as unknown as ComputedRef<SitePage[]>,
        isKnown: computed(() => true),
        problem: ref(''),
        busy: ref(false),
        said,
        act: async (work, says) => {
            await work();
            said.push(says);
            return true;
        },
        undo: () => Promise.resolve(),
        redo: () => Promise.resolve(),
    };
}
