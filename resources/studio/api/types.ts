import type { LayoutDesign, LayoutPart, LayoutRanges, Measures, Proof, Miniature } from './layout-types';

/** What the API sends and takes; names as in its JSON. */

export const WORD_FIELDS = ['title', 'caption', 'description', 'alt', 'link', 'credit'] as const;

export type WordField = (typeof WORD_FIELDS)[number];

export interface Words extends Record<WordField, string> {
    decorative: boolean;
}

/** Changed words: null goes back to the picture's own. */
export type WordChange = Partial<Record<WordField, string | null> & { decorative: boolean | null }>;

export interface Picture {
    id: string;
    kind: 'picture' | 'video';
    name: string;
    width: number;
    height: number;
    state: 'preparing' | 'ready' | 'failed';
    failure: string | null;
    thumbnail: string | null;
    focal: [number, number];
    words: Words;
}

/** A picture with all that is known of it. */
export interface PictureDetails extends Picture {
    recipe: Recipe;
    original: [number, number];
    focal_by: 'found' | 'person';
    keywords: string;
    camera: string;
    rights: string;
    licence: string;
    source: string;
    taken_at: string | null;
    bytes: number;
    seconds: number | null;
    colours: string[];
    file: string | null;
}

export interface Recipe {
    turn: number;
    straighten: number;
    crop: Crop | null;
    brightness: number;
    contrast: number;
}

export interface Crop {
    left: number;
    top: number;
    width: number;
    height: number;
}

/** A picture in the long list of the store. */
export interface StoredPicture {
    id: string;
    kind: 'picture' | 'video';
    name: string;
    title: string;
    width: number;
    height: number;
    thumbnail: string | null;
    state: Picture['state'];
    described: boolean;
    uses: number;
}

export interface StorePage {
    total: number;
    offset: number;
    pictures: StoredPicture[];
}

export interface Flaw {
    code: string;
    label: string;
    advice: string;
}

export interface Item {
    id: string;
    kind: 'picture' | 'video' | 'text';
    picture: Picture | null;
    text: string | null;
    album: string | null;
    hidden: boolean;
    /** In force. */
    words: Words;
    /** Fields in which the gallery says something else than the picture itself. */
    exceptions: (WordField | 'decorative')[];
    flaws: Flaw[];
}

export interface PaneOfGallery {
    id: string;
    page_id: string;
    page: string;
    address: string;
    spot: number;
}

export interface About {
    title: string;
    description: string;
    shows_title: boolean;
    shows_description: boolean;
}

export interface Album {
    id: string;
    name: string;
}

export interface Albums {
    list: Album[];
    view: 'none' | 'headings' | 'tabs';
}

export interface Gallery {
    id: string;
    about: About;
    version: number;
    stamp: string;
    saved_at: string;
    design: { schema: number; layout: LayoutDesign };
    layout_label: string;
    ranges: LayoutRanges;
    albums: Albums;
    items: Item[];
    can_undo: boolean;
    can_redo: boolean;
    live: { at: string | null; changes: string[]; pages: { title: string; address: string }[] };
    panes: PaneOfGallery[];
    measures: { wide: Measures; phone: Measures };
    /** Widths of the window at which the layout changes. */
    bands: number[];
    proof: Proof;
    embed: string;
}

export interface GalleryCardData {
    id: string;
    title: string;
    pictures: number;
    pages: string[];
    state: 'draft' | 'live' | 'changed';
    changes: number;
    miniature: Miniature;
}

export interface SitePage {
    id: string;
    title: string;
    address: string;
    menu_label: string | null;
    panes: { id: string; gallery_id: string; gallery: string; spot: number; tile_size: string | null }[];
}

export interface Pile {
    id: string;
    name: string;
    state: 'waiting' | 'running' | 'done' | 'failed';
    total: number;
    outcomes: { name: string; state: 'ready' | 'failed'; note: string; picture: string | null }[];
}

/** What became of a file that was sent. */
export type Uploaded = { picture: Picture; known: boolean; notice: string | null } | { pile: Pile };

export interface SourceInfo {
    name: string;
    label: string;
    facets: { byKeyword: boolean; byColour: boolean; byNew: boolean; categories: string[] };
}

export interface SourceFile {
    id: string;
    title: string;
    thumbnail: string;
    new: boolean;
    taken: boolean;
    category: string;
    keywords: string[];
    credit: string;
    licence: string;
}

export interface FillSettings {
    field: WordField;
    act: 'set' | 'before' | 'after' | 'replace' | 'clear';
    text: string;
    find: string;
    only_empty: boolean;
    from: number;
}

export interface FillRow {
    item: string;
    before: string;
    after: string | null;
}

export interface TablePreview {
    words: Record<string, WordChange>;
    problems: { line: number; says: string }[];
}

export type OrderName = 'time' | 'name' | 'colour' | 'shuffle' | 'reverse' | 'alternate' | 'apart';

export type Change =
    | { kind: 'about'; about: Partial<About> }
    | { kind: 'design'; design: { layout: LayoutPart } }
    | { kind: 'words'; words: Record<string, WordChange> }
    | { kind: 'move'; items: string[]; before: string | null }
    | { kind: 'order'; items: string[] }
    | { kind: 'hide'; items: string[]; hidden: boolean }
    | { kind: 'albums'; albums?: Albums; of?: Record<string, string | null> }
    | { kind: 'text'; item: string; text: string }
    | { kind: 'remove'; items: string[] };

/** One thing that two windows changed at the same time. */
export interface ClashValue {
    path: string;
    label: string;
    of: string | null;
    mine: string;
    theirs: string;
}

export interface Limits {
    megabytes: number;
    video_megabytes: number;
    part_bytes: number;
}

export interface Session {
    user: User | null;
    limits: Limits;
}

export interface User {
    name: string;
    email: string;
}
