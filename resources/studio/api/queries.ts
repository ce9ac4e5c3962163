import { keepPreviousData, queryOptions } from '@tanstack/vue-query';
import { api, withQuery } from './client';
import type { Alternatives, AlternativesView, Clicks, DesignPart, Finishes, LaidOutNow, Proof, Quality } from './types';
import type { Change, MendPreview, SnagList, SnagsOfSite } from './types';
import type { PageParts, PaneDetails, Site } from './types';
import type { Gallery, GalleryCard, PictureDetails, Session, SitePage, SourceFile, SourceInfo, StoredPicture, StorePage } from './types';

export const sessionQuery = () => queryOptions({ queryKey: ['session'], queryFn: () => api.get<Session>('session'), staleTime: Infinity });

/** How much is asked of snags: what they are, what would mend them, where each is. */
export type SnagDepth = 'found' | 'mends' | 'places';

/** What visitors of a gallery would trip over, once for each state of it. */
export const snagsQuery = (id: string, stamp: string | undefined, depth: SnagDepth) =>
    queryOptions({
        queryKey: ['snags', id, depth, stamp],
        queryFn: () =>
            api.get<SnagList>(withQuery(`galleries/${id}/snags`, { mends: depth === 'found' ? undefined : 1, places: depth === 'places' ? 1 : undefined })),
        enabled: stamp !== undefined,
        placeholderData: (last: SnagList | undefined, query) => (query?.queryKey[1] === id && query.queryKey[2] === depth ? last : undefined),
        ...AS_IT_COMES,
    });

export const siteSnagsQuery = () => queryOptions({ queryKey: ['snags'], queryFn: () => api.get<SnagsOfSite>('snags') });

export const mendQuery = (id: string, version: number, change: Change) =>
    queryOptions({
        queryKey: ['mend', id, version, change],
        queryFn: () => api.post<MendPreview>(`galleries/${id}/snags/preview`, { change }),
        staleTime: 60_000,
        ...AS_IT_COMES,
    });

export const galleriesQuery = () => queryOptions({ queryKey: ['galleries'], queryFn: () => api.get<GalleryCard[]>('galleries') });

/** What is large is taken as it comes: to compare and to watch every word of a thousand pictures takes longer than to draw them. */
const AS_IT_COMES = { shallow: true, structuralSharing: false } as const;

export const galleryQuery = (id: string) => queryOptions({ queryKey: ['gallery', id], queryFn: () => api.get<Gallery>(`galleries/${id}`), ...AS_IT_COMES });

export const pagesQuery = () => queryOptions({ queryKey: ['pages'], queryFn: () => api.get<SitePage[]>('pages') });

export const siteQuery = () => queryOptions({ queryKey: ['site'], queryFn: () => api.get<Site>('site') });

export const paneQuery = (id: string) => queryOptions({ queryKey: ['pane', id], queryFn: () => api.get<PaneDetails>(`panes/${id}`) });

export const partsQuery = (page: string) => queryOptions({ queryKey: ['parts', page], queryFn: () => api.get<PageParts>(`pages/${page}/parts`) });

export const pictureQuery = (id: string) => queryOptions({ queryKey: ['picture', id], queryFn: () => api.get<PictureDetails>(`pictures/${id}`) });

export const usesQuery = (id: string) =>
    queryOptions({ queryKey: ['picture', id, 'uses'], queryFn: () => api.get<{ galleries: { id: string; title: string }[] }>(`pictures/${id}/uses`) });

/** What is looked for in the store. */
export interface StoreFilter {
    words: string;
    /** Hexadecimal, without a sign; empty for any. */
    colour: string;
    shape: string;
    from: string;
    until: string;
    unused: boolean;
    undescribed: boolean;
    bin: boolean;
}

/** Pictures that are fetched at once. */
export const STORE_PAGE = 100;

export const storePageQuery = (filter: StoreFilter, page: number) =>
    queryOptions({
        queryKey: ['store', filter, page],
        queryFn: () => api.get<StorePage>(withQuery('pictures', { ...filter, offset: page * STORE_PAGE, limit: STORE_PAGE })),
        staleTime: 10_000,
    });

export const lookAlikesQuery = () =>
    queryOptions({ queryKey: ['store', 'look-alikes'], queryFn: () => api.get<{ groups: StoredPicture[][] }>('pictures/look-alikes') });

export const sourcesQuery = () => queryOptions({ queryKey: ['sources'], queryFn: () => api.get<SourceInfo[]>('sources'), staleTime: Infinity });

export const sourceFilesQuery = (name: string, filter: { words: string; category: string; colour: string; new: boolean }) =>
    queryOptions({ queryKey: ['sources', name, filter], queryFn: () => api.get<{ files: SourceFile[] }>(withQuery(`sources/${name}`, filter)) });

/** @param known key of the HTML that is there already, which is not sent again */
export const laidOutQuery = (id: string, known: () => LaidOutNow | undefined = () => undefined) =>
    queryOptions({
        queryKey: ['laid-out', id],
        queryFn: async () => {
            const before = known();
            const fresh = await api.get<LaidOutNow>(withQuery(`galleries/${id}/laid-out`, { html: before?.proof.key }));
            return { ...fresh, proof: { ...fresh.proof, html: fresh.proof.html ?? before?.proof.html ?? '' } };
        },
        staleTime: Infinity,
        ...AS_IT_COMES,
    });

export const alternativesQuery = (id: string, version: number, view: AlternativesView, weights: Partial<Record<Quality, number>>) =>
    queryOptions({
        queryKey: ['alternatives', id, view, version, weights],
        queryFn: () =>
            api.get<Alternatives>(
                withQuery(`galleries/${id}/candidates`, {
                    view,
                    ...Object.fromEntries(Object.entries(weights).map(([name, value]) => [`weights[${name}]`, value])),
                }),
            ),
        staleTime: 60_000,
        placeholderData: (last) => last,
        ...AS_IT_COMES,
    });

/** The proof of a gallery with a part of its design replaced, which nobody adopted yet. */
export const previewQuery = (id: string, version: number, design: DesignPart) =>
    queryOptions({
        queryKey: ['preview', id, version, design],
        queryFn: () => api.get<Proof>(withQuery(`galleries/${id}/preview`, { design: JSON.stringify(design) })),
        staleTime: 60_000,
    });

/** Whole finishes, effects, or drifts: drawn on a gallery's own pictures. */
export type FinishView = 'finishes' | 'effects' | 'drifts';

export const clicksQuery = (id: string, version: number) =>
    queryOptions({
        queryKey: ['clicks', id, version],
        queryFn: () => api.get<Clicks>(`galleries/${id}/clicks`),
        placeholderData: keepPreviousData,
    });

export const finishesQuery = (id: string, version: number, view: FinishView) =>
    queryOptions({
        queryKey: ['finishes', id, view, version],
        queryFn: () => api.get<Finishes>(withQuery(`galleries/${id}/finishes`, { view })),
        staleTime: 60_000,
        // Of the same view: what was drawn before stands until what is new is there.
        placeholderData: (last, query) => (query?.queryKey[2] === view ? last : undefined),
        ...AS_IT_COMES,
    });
