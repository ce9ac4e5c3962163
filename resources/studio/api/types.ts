/** What the API sends and takes; names as in its JSON. */

export interface Words {
    title: string;
    caption: string;
    alt: string;
}

export interface Picture {
    id: string;
    name: string;
    width: number;
    height: number;
    state: 'preparing' | 'ready' | 'failed';
    failure: string | null;
    thumbnail: string | null;
    words: Words;
}

export interface Item {
    id: string;
    picture: Picture;
    words: Words;
}

export interface GridDesign {
    kind: 'grid';
    column_rule: 'count' | 'fit';
    columns: number;
    tile_width: number;
    shape: '1:1' | '4:3' | '3:2' | '16:9' | '2:3' | 'own';
    filling: 'crop' | 'fit';
    gap: number;
    last_row: 'start' | 'centre' | 'fill';
}

export interface Facts {
    width: number;
    columns: number;
    rows: number;
    in_last_row: number;
    tile: number;
    height: number;
}

export interface PaneOfGallery {
    id: string;
    page_id: string;
    page: string;
    address: string;
    spot: number;
}

export interface Gallery {
    id: string;
    title: string;
    version: number;
    saved_at: string;
    design: { schema: number; layout: GridDesign };
    ranges: Record<'columns' | 'tile_width' | 'gap', [number, number]>;
    items: Item[];
    can_undo: boolean;
    can_redo: boolean;
    live: { at: string | null; changes: string[]; pages: { title: string; address: string }[] };
    panes: PaneOfGallery[];
    facts: { wide: Facts; phone: Facts };
    proof: { html: string; css: string };
    embed: string;
}

export interface GalleryCardData {
    id: string;
    title: string;
    pictures: number;
    pages: string[];
    state: 'draft' | 'live' | 'changed';
    changes: number;
    miniature: { width: number; height: number; tiles: MiniatureTile[] };
}

export interface MiniatureTile {
    left: number;
    top: number;
    width: number;
    height: number;
    src: string | null;
    at: [number, number];
    fit: 'cover' | 'contain';
}

export interface SitePage {
    id: string;
    title: string;
    address: string;
    menu_label: string | null;
    panes: { id: string; gallery_id: string; gallery: string; spot: number }[];
}

export interface Uploaded {
    picture: Picture;
    known: boolean;
    notice: string | null;
    version: number;
}

export type Change =
    | { kind: 'rename'; title: string }
    | { kind: 'design'; design: { layout: Partial<GridDesign> } }
    | { kind: 'words'; item: string; words: Partial<Words> }
    | { kind: 'move'; items: string[]; before: string | null }
    | { kind: 'remove'; items: string[] };

export interface User {
    name: string;
    email: string;
}
