import { queryOptions } from '@tanstack/vue-query';
import { api } from './client';
import type { Gallery, GalleryCardData, SitePage } from './types';

export const galleriesQuery = () => queryOptions({ queryKey: ['galleries'], queryFn: () => api.get<GalleryCardData[]>('galleries') });

export const galleryQuery = (id: string) => queryOptions({ queryKey: ['gallery', id], queryFn: () => api.get<Gallery>(`galleries/${id}`) });

export const pagesQuery = () => queryOptions({ queryKey: ['pages'], queryFn: () => api.get<SitePage[]>('pages') });
