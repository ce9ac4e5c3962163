export type LayoutKind = 'grid' | 'masonry' | 'rows' | 'mosaic' | 'strip' | 'slideshow' | 'single';

export interface LayoutDesign {
    kind: LayoutKind;
    column_rule: 'count' | 'fit';
    columns: number;
    tile_width: number;
    row_height: number;
    height: number;
    /** `own`, or width to height: `5:4`. */
    shape: string;
    filling: 'crop' | 'fit';
    gap: number;
    last_row: 'start' | 'centre' | 'fill' | 'balance';
    at_first: 'all' | 'rows' | 'pages';
    first_rows: number;
    caption_lines: number;
    seconds: number;
    /** Items that a mosaic makes large. */
    large: string[];
    phone: PhoneDesign;
}

/** Null is what the core finds good. */
export interface PhoneDesign {
    columns: number | null;
    row_height: number | null;
    height: number | null;
}

export type TileSizeName = 'small' | 'medium' | 'large' | 'very-large';

/** What changes; the rest stays. */
export type LayoutPart = Partial<Omit<LayoutDesign, 'phone'>> & { phone?: Partial<PhoneDesign> };

type Range = [number, number];

export type LayoutRanges = Record<'columns' | 'tile_width' | 'row_height' | 'height' | 'gap' | 'first_rows' | 'caption_lines' | 'seconds', Range> & {
    phone: Record<keyof PhoneDesign, Range>;
    /** px of the names: of a tile or row, and of what is on one line. */
    sizes: Record<TileSizeName, { tile: number; line: number }>;
    /** px that a place may wish. */
    size: Range;
    /** How many times as long as the other a side of a shape may be. */
    extreme: number;
};

/** docs/measures.md has the definitions. */
export interface Measures {
    rows: number;
    complete: number;
    in_last_row: number;
    crop: number;
    worst_crop: number;
    worst_picture: number | null;
    harmed: number;
    uneven: number;
    smallest: number;
    largest: number;
    used: number;
    span: number;
    height: number;
    screens: number;
    first_bytes: number;
    all_bytes: number;
    first_requests: number;
    all_requests: number;
}

/** A gallery drawn small, in px of its own. */
export interface Miniature {
    width: number;
    height: number;
    tiles: MiniatureTile[];
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

export interface Candidate {
    name: string;
    layout: LayoutPart;
    wide: Measures;
    phone: Measures;
    miniature: Miniature;
    /** Of a suggestion. */
    score?: number;
    reasons?: string;
}

export type Quality = 'complete' | 'crop' | 'even' | 'phone' | 'light';

export interface CropShown {
    src: string;
    title: string;
    width: number;
    height: number;
    /** Left, top, width, height; shares of the picture. */
    seen: [number, number, number, number];
    focal: [number, number];
    lost: number;
}

/** Something visitors would trip over, and what of the layout would mend it. */
export interface Snag {
    code: string;
    says: string;
    mends: { label: string; layout: LayoutPart }[];
}

export interface Alternatives {
    snags: Snag[];
    weights: Record<Quality, number>;
    candidates: Candidate[];
    suggestions: Candidate[];
    crops: CropShown[];
}

export interface Proof {
    html: string;
    css: string;
}
