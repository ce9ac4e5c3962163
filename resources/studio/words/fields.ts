import { useVocabulary } from '../api/vocabulary';
import type { WordField, WordKey } from '../api/types';

export interface Column {
    key: WordKey;
    label: string;
    /** px that it needs at least, and its share of what is left. */
    least: number;
    share: number;
    longest: number;
    hasLines: boolean;
}

/** px and share of each column. */
const ROOM: Record<WordField, [number, number]> = {
    title: [140, 1.2],
    caption: [150, 1.6],
    alt: [180, 2],
    description: [180, 2],
    link: [130, 1],
    credit: [110, 1],
};

/** One column for each word there is, and one for what is decorative. */
export function columnsOfWords(): Column[] {
    return [
        ...useVocabulary().words.map(({ field, label, longest, has_lines }) => ({
            key: field,
            label,
            least: ROOM[field][0],
            share: ROOM[field][1],
            longest,
            hasLines: has_lines,
        })),
        { key: 'decorative', label: 'Decorative', least: 92, share: 0, longest: 0, hasLines: false },
    ];
}

/** Columns that are shown until a person chooses others. */
export const FIRST_COLUMNS: WordKey[] = ['title', 'caption', 'alt', 'decorative'];
