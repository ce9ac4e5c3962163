import type { WordField } from '../api/types';

export interface Column {
    key: WordField | 'decorative';
    label: string;
    /** px that it needs at least, and its share of what is left. */
    least: number;
    share: number;
    longest: number;
    hasLines: boolean;
}

export const COLUMNS: readonly Column[] = [
    { key: 'title', label: 'Title', least: 140, share: 1.2, longest: 200, hasLines: false },
    { key: 'caption', label: 'Caption', least: 150, share: 1.6, longest: 1000, hasLines: true },
    { key: 'alt', label: 'Alt text', least: 180, share: 2, longest: 1000, hasLines: true },
    { key: 'description', label: 'Description', least: 180, share: 2, longest: 5000, hasLines: true },
    { key: 'link', label: 'Link', least: 130, share: 1, longest: 2000, hasLines: false },
    { key: 'credit', label: 'Credit', least: 110, share: 1, longest: 300, hasLines: false },
    { key: 'decorative', label: 'Decorative', least: 92, share: 0, longest: 0, hasLines: false },
];

/** Columns that are shown until a person chooses others. */
export const FIRST_COLUMNS: Column['key'][] = ['title', 'caption', 'alt', 'decorative'];
