// Made by bin/types.mjs of the contract that app/Contract tells. Not to be changed by hand.

export type Ability = 'own-account' | 'galleries' | 'people' | 'security-log' | 'hosting' | 'whole-site';
export type Scope = 'read' | 'write' | 'publish';
export type AlbumView = 'none' | 'headings' | 'tabs';
export type Change =
    | {
          kind: 'about';
          about: {
              title?: string;
              description?: string;
              shows_title?: boolean;
              shows_description?: boolean;
          };
      }
    | {
          kind: 'design';
          design: DesignPart;
      }
    | {
          kind: 'words';
          words: {
              [k: string]: WordChange;
          };
      }
    | {
          kind: 'move';
          items: string[];
          before: string | null;
      }
    | {
          kind: 'order';
          items: string[];
      }
    | {
          kind: 'hide';
          items: string[];
          hidden: boolean;
      }
    | {
          kind: 'large';
          items: string[];
          large: boolean;
      }
    | {
          kind: 'click';
          items: string[];
          click: ClickAct | null;
      }
    | {
          kind: 'albums';
          albums?: Albums;
          of?: {
              [k: string]: string | null;
          };
      }
    | {
          kind: 'text';
          item: string;
          text: string;
      }
    | {
          kind: 'remove';
          items: string[];
      }
    | {
          kind: 'tidy';
          pictures: {
              [k: string]: TidyPart;
          };
      };
export type ClickAct = 'large' | 'place' | 'page' | 'file' | 'address' | 'nothing';
export type SettingPath =
    | 'layout.kind'
    | 'layout.column_rule'
    | 'layout.columns'
    | 'layout.tile_width'
    | 'layout.shape'
    | 'layout.object_fit'
    | 'layout.row_height'
    | 'layout.height'
    | 'layout.seconds'
    | 'layout.gap'
    | 'layout.last_row'
    | 'layout.initial_view'
    | 'layout.initial_rows'
    | 'layout.phone.columns'
    | 'layout.phone.row_height'
    | 'layout.phone.height'
    | 'finish.captions.place'
    | 'finish.captions.title'
    | 'finish.captions.caption'
    | 'finish.captions.description'
    | 'finish.captions.credit'
    | 'finish.captions.lines'
    | 'finish.captions.align'
    | 'finish.captions.at'
    | 'finish.captions.colour'
    | 'finish.captions.ground'
    | 'finish.captions.opacity'
    | 'finish.captions.fades'
    | 'finish.captions.hidden_below'
    | 'finish.captions.hidden_within'
    | 'finish.edges.line'
    | 'finish.edges.width'
    | 'finish.edges.colour'
    | 'finish.edges.opacity'
    | 'finish.edges.corners'
    | 'finish.edges.mount'
    | 'finish.edges.tile'
    | 'finish.edges.shadow_opacity'
    | 'finish.edges.shadow_colour'
    | 'finish.edges.shadow_x'
    | 'finish.edges.shadow_y'
    | 'finish.edges.shadow_blur'
    | 'finish.edges.shadow_spread'
    | 'finish.ground.colour'
    | 'finish.ground.opacity'
    | 'finish.ground.picture'
    | 'finish.ground.fit'
    | 'finish.ground.picture_opacity'
    | 'finish.ground.padding'
    | 'finish.ground.margin'
    | 'finish.ground.line'
    | 'finish.ground.width'
    | 'finish.ground.line_colour'
    | 'finish.ground.corners'
    | 'finish.pointed.rest_opacity'
    | 'finish.pointed.opacity'
    | 'finish.pointed.rest_grey'
    | 'finish.pointed.grey'
    | 'finish.pointed.rest_brightness'
    | 'finish.pointed.brightness'
    | 'finish.pointed.rest_blur'
    | 'finish.pointed.blur'
    | 'finish.pointed.scale'
    | 'finish.pointed.lift'
    | 'finish.pointed.tint_opacity'
    | 'finish.pointed.tint'
    | 'finish.pointed.sign'
    | 'finish.pointed.way'
    | 'finish.pointed.duration'
    | 'finish.pointed.easing'
    | 'finish.pointed.delay'
    | 'finish.arrival.way'
    | 'finish.arrival.distance'
    | 'finish.arrival.duration'
    | 'finish.arrival.step'
    | 'finish.arrival.times'
    | 'finish.drift.lanes'
    | 'finish.drift.way'
    | 'finish.drift.alternates'
    | 'finish.drift.strength'
    | 'finish.drift.slant'
    | 'finish.drift.rim'
    | 'finish.drift.height'
    | 'finish.drift.phone_height'
    | 'finish.lettering.font'
    | 'finish.lettering.size'
    | 'finish.lettering.weight'
    | 'finish.own.id'
    | 'finish.own.classes'
    | 'finish.own.css'
    | 'finish.named'
    | 'viewer.click.act'
    | 'viewer.click.new_tab'
    | 'viewer.click.hint'
    | 'viewer.click.hint_says'
    | 'viewer.words.place'
    | 'viewer.words.title'
    | 'viewer.words.caption'
    | 'viewer.words.description'
    | 'viewer.words.credit'
    | 'viewer.words.camera'
    | 'viewer.words.exposure'
    | 'viewer.words.date'
    | 'viewer.words.location'
    | 'viewer.words.rights'
    | 'viewer.backdrop.colour'
    | 'viewer.backdrop.opacity'
    | 'viewer.backdrop.blur'
    | 'viewer.controls.counter'
    | 'viewer.controls.arrows'
    | 'viewer.controls.sides'
    | 'viewer.controls.thumbnails'
    | 'viewer.controls.share'
    | 'viewer.controls.full_screen'
    | 'viewer.zoom.most'
    | 'viewer.zoom.buttons'
    | 'viewer.zoom.slider'
    | 'viewer.zoom.loupe'
    | 'viewer.zoom.size'
    | 'viewer.zoom.strength'
    | 'viewer.turning.at_end'
    | 'viewer.turning.apart'
    | 'viewer.turning.sequence'
    | 'viewer.playing.offered'
    | 'viewer.playing.starts'
    | 'viewer.playing.seconds'
    | 'viewer.playing.repeats'
    | 'viewer.playing.fades'
    | 'viewer.giving.download'
    | 'viewer.giving.words'
    | 'viewer.giving.pages';
export type CommentState = 'waiting' | 'shown' | 'refused';
export type Comments = Comment[];
export type EmbedKind = 'script' | 'html' | 'frame' | 'images' | 'oembed';
export type Strength = 'mild' | 'firm' | 'strict';
export type EmbedRule = 'anyone' | 'these' | 'nobody';
export type FillAct = 'set' | 'before' | 'after' | 'replace' | 'clear';
export type WordField = 'title' | 'caption' | 'description' | 'alt' | 'link' | 'credit';
export type FlawCode = 'missing' | 'file-name' | 'says-nothing' | 'filler' | 'same-as-caption' | 'too-long' | 'repeated';
export type GalleryList = GalleryCard[];
export type LayoutKind = 'grid' | 'masonry' | 'rows' | 'mosaic' | 'strip' | 'slideshow' | 'single';
export type OrderName = 'time' | 'name' | 'colour' | 'alternate' | 'apart' | 'reverse' | 'shuffle';
export type PartKind = 'heading' | 'lead' | 'paragraph' | 'list' | 'picture' | 'kept';
export type PaneSide = 'start' | 'middle' | 'end';
export type PaneWidth = 'half' | 'text' | 'wide' | 'edges' | 'px';
export type Role = 'owner' | 'editor';
export type Quality = 'complete' | 'crop' | 'even' | 'full' | 'size' | 'phone' | 'short' | 'light';
export type Setting = NumberSetting | ChoiceSetting | ShapeSetting | FlagSetting | ColourSetting | TextSetting | CssSetting | PictureSetting;
export type SitePages = SitePage[];
export type Stage = 'pictures' | 'words' | 'layout' | 'finish' | 'viewer' | 'pages';
export type SourceList = SourceInfo[];

export interface About {
    title: string;
    description: string;
    shows_title: boolean;
    shows_description: boolean;
}
export interface Account {
    name: string;
    email: string;
    role: string;
    second_step: boolean;
    recovery_codes: number;
    tokens: {
        id: number;
        name: string;
        scopes: Scope[];
        created_at: string | null;
        used_at: string | null;
    }[];
    scopes: {
        key: Scope;
        label: string;
        says: string;
    }[];
    longest_name: number;
    sign_ins: {
        id: string;
        address: string;
        browser: string;
        since: string;
        seen_at: string;
        here: boolean;
    }[];
}
/** Something that was done. */
export interface Act {
    id: number;
    says: string;
    at: string;
    by: string | null;
    undone: boolean;
}
export interface Album {
    id: string;
    name: string;
}
export interface Albums {
    list: Album[];
    view: AlbumView;
}
export interface Alternatives {
    weights: {
        complete: number;
        crop: number;
        even: number;
        full: number;
        size: number;
        phone: number;
        short: number;
        light: number;
    };
    candidates: Candidate[];
    suggestions: Candidate[];
    crops: CropShown[];
}
export interface Candidate {
    name: string;
    layout: LayoutPart;
    wide: Measures;
    phone: Measures;
    miniature: Miniature;
    score?: number;
    reasons?: string;
}
export interface LayoutPart {
    kind?: 'grid' | 'masonry' | 'rows' | 'mosaic' | 'strip' | 'slideshow' | 'single';
    column_rule?: 'count' | 'fit';
    columns?: number;
    tile_width?: number;
    shape?: string;
    object_fit?: 'cover' | 'contain';
    row_height?: number;
    height?: number;
    seconds?: number;
    gap?: number;
    last_row?: 'start' | 'centre' | 'fill' | 'balance';
    initial_view?: 'all' | 'rows' | 'pages';
    initial_rows?: number;
    phone?: {
        columns?: number | null;
        row_height?: number | null;
        height?: number | null;
    };
}
/** docs/measures.md has the definitions. */
export interface Measures {
    rows: number;
    complete: number;
    in_last_row: number;
    harmed: number;
    smallest: number;
    largest: number;
    height: number;
    first_bytes: number;
    all_bytes: number;
    first_requests: number;
    all_requests: number;
    crop: number;
    worst_crop: number;
    uneven: number;
    used: number;
    span: number;
    screens: number;
    worst_picture: number | null;
    too_small: boolean;
    much_cropped: boolean;
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
    /**
     * @minItems 2
     * @maxItems 2
     */
    at: [number, number];
    fit: 'cover' | 'contain';
}
export interface CropShown {
    src: string;
    title: string;
    width: number;
    height: number;
    /**
     * Left, top, width, height; shares of the picture.
     *
     * @minItems 4
     * @maxItems 4
     */
    seen: [number, number, number, number];
    /**
     * @minItems 2
     * @maxItems 2
     */
    focal: [number, number];
    lost: number;
    much_cropped: boolean;
}
export interface Batch {
    id: string;
    name: string;
    state: 'asking' | 'waiting' | 'running' | 'held' | 'done' | 'failed';
    total: number;
    outcomes: {
        name: string;
        state: 'ready' | 'failed';
        note: string;
        picture: string | null;
    }[];
    /**
     * That they were sent to, or that was made of them.
     */
    gallery_id: string | null;
}
export interface BatchBegun {
    batch: Batch;
}
export interface BroughtIn {
    pages: string[];
    left: {
        name: string;
        why: string;
    }[];
    notes: string[];
}
export interface CaptionSight {
    number: number;
    title: string;
    src: string | null;
    shape: number;
    /**
     * Left, top, width, height; shares of the picture.
     *
     * @minItems 4
     * @maxItems 4
     */
    area: [number, number, number, number];
    ratio: number;
    /**
     * px of the gallery where it is so.
     */
    at: number;
    is_hard: boolean;
}
/** What changes; the rest stays. */
export interface DesignPart {
    layout?: {
        kind?: 'grid' | 'masonry' | 'rows' | 'mosaic' | 'strip' | 'slideshow' | 'single';
        column_rule?: 'count' | 'fit';
        columns?: number;
        tile_width?: number;
        shape?: string;
        object_fit?: 'cover' | 'contain';
        row_height?: number;
        height?: number;
        seconds?: number;
        gap?: number;
        last_row?: 'start' | 'centre' | 'fill' | 'balance';
        initial_view?: 'all' | 'rows' | 'pages';
        initial_rows?: number;
        phone?: {
            columns?: number | null;
            row_height?: number | null;
            height?: number | null;
        };
    };
    finish?: {
        named?: string;
        captions?: {
            place?: 'none' | 'below' | 'over' | 'pointed';
            title?: boolean;
            caption?: boolean;
            description?: boolean;
            credit?: boolean;
            lines?: number;
            align?: 'start' | 'center' | 'end';
            at?: 'top' | 'middle' | 'bottom';
            colour?: string | null;
            ground?: string;
            opacity?: number;
            fades?: boolean;
            hidden_below?: number;
            hidden_within?: number;
        };
        edges?: {
            line?: 'none' | 'solid' | 'dashed' | 'dotted' | 'double';
            width?: number;
            colour?: string;
            opacity?: number;
            corners?: number;
            mount?: number;
            tile?: string | null;
            shadow_opacity?: number;
            shadow_colour?: string;
            shadow_x?: number;
            shadow_y?: number;
            shadow_blur?: number;
            shadow_spread?: number;
        };
        ground?: {
            colour?: string | null;
            opacity?: number;
            picture?: string;
            fit?: 'cover' | 'tiled';
            picture_opacity?: number;
            padding?: number;
            margin?: number;
            line?: 'none' | 'solid' | 'dashed' | 'dotted' | 'double';
            width?: number;
            line_colour?: string;
            corners?: number;
        };
        pointed?: {
            rest_opacity?: number;
            opacity?: number;
            rest_grey?: number;
            grey?: number;
            rest_brightness?: number;
            brightness?: number;
            rest_blur?: number;
            blur?: number;
            scale?: number;
            lift?: number;
            tint_opacity?: number;
            tint?: string;
            sign?: 'none' | 'plus' | 'corners' | 'lens';
            way?: 'fade' | 'rise' | 'side';
            duration?: number;
            easing?: 'ease' | 'ease-out' | 'ease-in-out' | 'linear';
            delay?: number;
        };
        arrival?: {
            way?: 'none' | 'fade' | 'rise' | 'grow' | 'side' | 'unblur';
            distance?: number;
            duration?: number;
            step?: number;
            times?: 'once' | 'each';
        };
        drift?: {
            lanes?: 'none' | 'down' | 'across' | 'single';
            way?: 'with' | 'against';
            alternates?: boolean;
            strength?: number;
            slant?: number;
            rim?: number;
            height?: number;
            phone_height?: number;
        };
        lettering?: {
            font?: 'page' | 'archivo' | 'source-serif';
            size?: number;
            weight?: number;
        };
        own?: {
            id?: string;
            classes?: string;
            css?: string;
        };
    };
    viewer?: {
        click?: {
            act?: 'large' | 'place' | 'page' | 'file' | 'address' | 'nothing';
            new_tab?: boolean;
            hint?: 'none' | 'above' | 'below' | 'pointed';
            hint_says?: string;
        };
        words?: {
            place?: 'below' | 'beside' | 'over' | 'asked';
            title?: boolean;
            caption?: boolean;
            description?: boolean;
            credit?: boolean;
            camera?: boolean;
            exposure?: boolean;
            date?: boolean;
            location?: boolean;
            rights?: boolean;
        };
        backdrop?: {
            colour?: string;
            opacity?: number;
            blur?: number;
        };
        controls?: {
            counter?: boolean;
            arrows?: boolean;
            sides?: boolean;
            thumbnails?: boolean;
            share?: boolean;
            full_screen?: boolean;
        };
        zoom?: {
            most?: 'none' | '2' | '3' | '4' | 'own';
            buttons?: boolean;
            slider?: boolean;
            loupe?: 'none' | 'tiles' | 'large' | 'both';
            size?: number;
            strength?: number;
        };
        turning?: {
            at_end?: 'again' | 'stop';
            apart?: boolean;
            sequence?: string;
        };
        playing?: {
            offered?: boolean;
            starts?: boolean;
            seconds?: number;
            repeats?: boolean;
            fades?: boolean;
        };
        giving?: {
            download?: 'none' | 'large' | 'stripped' | 'original';
            words?: boolean;
            pages?: boolean;
        };
    };
}
/** Changed words: null goes back to the picture’s own. */
export interface WordChange {
    title?: string | null;
    caption?: string | null;
    description?: string | null;
    alt?: string | null;
    link?: string | null;
    credit?: string | null;
    decorative?: boolean | null;
}
/** What of a recipe changes; the focal point on the picture as it will be seen. */
export interface TidyPart {
    turn?: number;
    straighten?: number;
    crop?: Crop | null;
    brightness?: number;
    contrast?: number;
    words?: boolean;
    free?: boolean;
    /**
     * @minItems 2
     * @maxItems 2
     */
    focal?: [number, number];
}
export interface Crop {
    left: number;
    top: number;
    width: number;
    height: number;
}
export interface ChoiceSetting {
    path: SettingPath;
    label: string;
    under: string;
    /**
     * Whether null leaves it to what the core finds good.
     */
    can_be_left: boolean;
    control: 'choice';
    options: Option[];
}
export interface Option {
    value: string;
    label: string;
}
/** One thing that two windows changed at the same time. */
export interface ClashValue {
    path: string;
    label: string;
    of: string | null;
    mine: string;
    theirs: string;
}
export interface ClickOfPicture {
    id: string;
    title: string;
    src: string | null;
    /**
     * Null where it is the gallery’s rule.
     */
    click: ClickAct | null;
    does: string;
    /**
     * Whether an address is wanted that it does not have.
     */
    lacks: boolean;
}
export interface Clicks {
    rule: string;
    acts: {
        value: ClickAct;
        label: string;
    }[];
    pictures: ClickOfPicture[];
}
export interface ColourSetting {
    path: SettingPath;
    label: string;
    under: string;
    /**
     * Whether null leaves it to what the core finds good.
     */
    can_be_left: boolean;
    control: 'colour';
    first: string;
}
export interface Comment {
    id: string;
    name: string;
    text: string;
    at: string;
    page: string;
    address: string;
    state: CommentState;
}
export interface CssSetting {
    path: SettingPath;
    label: string;
    under: string;
    /**
     * Whether null leaves it to what the core finds good.
     */
    can_be_left: boolean;
    control: 'css';
    longest: number;
}
export interface Deleted {
    deleted: number;
}
export interface EditionLive {
    /**
     * Pictures that stay away: they were deleted for good, or taken offline.
     */
    gone: number;
}
/** What visitors had. */
export interface EditionSeen {
    id: string;
    at: string;
    by: string | null;
    live: boolean;
    title: string;
    pictures: number;
}
export interface Elsewhere {
    is_live: boolean;
    page: string;
    kinds: EmbedOfKind[];
    strengths: {
        key: Strength;
        label: string;
        says: string;
    }[];
    hosts: {
        key: string;
        label: string;
    }[];
    /**
     * Null for as the site has it.
     */
    rule: EmbedOrigins | null;
    site_rule: EmbedOrigins;
    rules: EmbedRuleNamed[];
    refusals: EmbedRefused[];
    lock: {
        is_locked: boolean;
        hours: number;
        shortest: number;
        longest: number;
        most_hours: number;
    };
}
export interface EmbedOfKind {
    kind: EmbedKind;
    label: string;
    says: string;
    /**
     * Whether pages that have it show what is put live later.
     */
    follows: boolean;
    pieces: {
        place: string;
        text: string;
    }[];
    /**
     * Directives that the other page has to allow.
     */
    policy: string[];
    survives: Strength[];
}
export interface EmbedOrigins {
    rule: EmbedRule;
    origins: string[];
}
export interface EmbedRuleNamed {
    key: EmbedRule;
    label: string;
}
export interface EmbedRefused {
    origin: string;
    at: string;
    gallery_id: string;
    gallery: string;
    times: number;
}
export interface ElsewhereOfSite {
    rule: EmbedOrigins;
    rules: EmbedRuleNamed[];
    refusals: EmbedRefused[];
    /**
     * The page that tells how pictures may be used.
     */
    acquire_page: string | null;
    pages: {
        id: string;
        title: string;
    }[];
}
export interface Exception {
    path: SettingPath;
    label: string;
    here: (string | number | boolean) | null;
    says: string;
    gallery: string;
    is_other: boolean;
}
/** What is otherwise in one place than in the gallery. */
export interface Exceptions {
    design?: DesignPart;
    tile_size?: string | number;
    album?: string;
    left_out?: string[];
}
export interface FillPreview {
    rows: FillRow[];
}
export interface FillRow {
    item: string;
    before: string;
    after: string | null;
}
export interface FillSettings {
    field: WordField;
    act: FillAct;
    text: string;
    find: string;
    only_empty: boolean;
    from: number;
}
export interface FinishCard {
    key: string;
    name: string;
    says: string;
    source: 'shipped' | 'kept' | 'gallery';
    part: DesignPart;
    chosen: boolean;
    /**
     * Whether nothing of it was changed since it was taken.
     */
    follows: boolean;
    html: string;
    css: string;
}
export interface FinishKept {
    key: string;
    name: string;
    followers?: {
        id: string;
        title: string;
    }[];
}
export interface Finishes {
    cards: FinishCard[];
    page: PageColours;
}
export interface PageColours {
    text: string;
    ground: string;
    font: string;
    colours: {
        name: string;
        colour: string;
    }[];
    part: DesignPart;
}
export interface FlagSetting {
    path: SettingPath;
    label: string;
    under: string;
    /**
     * Whether null leaves it to what the core finds good.
     */
    can_be_left: boolean;
    control: 'flag';
}
export interface Flaw {
    code: FlawCode;
    label: string;
    advice: string;
}
export interface FocalFound {
    /**
     * @minItems 2
     * @maxItems 2
     */
    focal: [number, number];
}
export interface Gallery {
    id: string;
    about: About;
    version: number;
    stamp: string;
    saved_at: string;
    design: GalleryDesign;
    /**
     * Settings that have an effect on the design as it is.
     */
    in_force: SettingPath[];
    /**
     * How the settings under each heading stand.
     */
    briefs: {
        [k: string]: string;
    };
    layout_label: string;
    finish_label: string;
    viewer_label: string;
    albums: Albums;
    undo: {
        entry: number;
        says: string;
        /**
         * Another person whose act it is.
         */
        by: string | null;
    } | null;
    redo: {
        entry: number;
        says: string;
        /**
         * Another person whose act it is.
         */
        by: string | null;
    } | null;
    live: {
        at: string | null;
        changes: string[];
        pages: {
            id: string;
            title: string;
            address: string;
            changes: string[];
        }[];
    };
    panes: PaneOfGallery[];
    items: Item[];
}
export interface GalleryDesign {
    schema: 3;
    layout: {
        kind: 'grid' | 'masonry' | 'rows' | 'mosaic' | 'strip' | 'slideshow' | 'single';
        column_rule: 'count' | 'fit';
        columns: number;
        tile_width: number;
        shape: string;
        object_fit: 'cover' | 'contain';
        row_height: number;
        height: number;
        seconds: number;
        gap: number;
        last_row: 'start' | 'centre' | 'fill' | 'balance';
        initial_view: 'all' | 'rows' | 'pages';
        initial_rows: number;
        phone: {
            columns: number | null;
            row_height: number | null;
            height: number | null;
        };
    };
    finish: {
        named: string;
        captions: {
            place: 'none' | 'below' | 'over' | 'pointed';
            title: boolean;
            caption: boolean;
            description: boolean;
            credit: boolean;
            lines: number;
            align: 'start' | 'center' | 'end';
            at: 'top' | 'middle' | 'bottom';
            colour: string | null;
            ground: string;
            opacity: number;
            fades: boolean;
            hidden_below: number;
            hidden_within: number;
        };
        edges: {
            line: 'none' | 'solid' | 'dashed' | 'dotted' | 'double';
            width: number;
            colour: string;
            opacity: number;
            corners: number;
            mount: number;
            tile: string | null;
            shadow_opacity: number;
            shadow_colour: string;
            shadow_x: number;
            shadow_y: number;
            shadow_blur: number;
            shadow_spread: number;
        };
        ground: {
            colour: string | null;
            opacity: number;
            picture: string;
            fit: 'cover' | 'tiled';
            picture_opacity: number;
            padding: number;
            margin: number;
            line: 'none' | 'solid' | 'dashed' | 'dotted' | 'double';
            width: number;
            line_colour: string;
            corners: number;
        };
        pointed: {
            rest_opacity: number;
            opacity: number;
            rest_grey: number;
            grey: number;
            rest_brightness: number;
            brightness: number;
            rest_blur: number;
            blur: number;
            scale: number;
            lift: number;
            tint_opacity: number;
            tint: string;
            sign: 'none' | 'plus' | 'corners' | 'lens';
            way: 'fade' | 'rise' | 'side';
            duration: number;
            easing: 'ease' | 'ease-out' | 'ease-in-out' | 'linear';
            delay: number;
        };
        arrival: {
            way: 'none' | 'fade' | 'rise' | 'grow' | 'side' | 'unblur';
            distance: number;
            duration: number;
            step: number;
            times: 'once' | 'each';
        };
        drift: {
            lanes: 'none' | 'down' | 'across' | 'single';
            way: 'with' | 'against';
            alternates: boolean;
            strength: number;
            slant: number;
            rim: number;
            height: number;
            phone_height: number;
        };
        lettering: {
            font: 'page' | 'archivo' | 'source-serif';
            size: number;
            weight: number;
        };
        own: {
            id: string;
            classes: string;
            css: string;
        };
    };
    viewer: {
        click: {
            act: 'large' | 'place' | 'page' | 'file' | 'address' | 'nothing';
            new_tab: boolean;
            hint: 'none' | 'above' | 'below' | 'pointed';
            hint_says: string;
        };
        words: {
            place: 'below' | 'beside' | 'over' | 'asked';
            title: boolean;
            caption: boolean;
            description: boolean;
            credit: boolean;
            camera: boolean;
            exposure: boolean;
            date: boolean;
            location: boolean;
            rights: boolean;
        };
        backdrop: {
            colour: string;
            opacity: number;
            blur: number;
        };
        controls: {
            counter: boolean;
            arrows: boolean;
            sides: boolean;
            thumbnails: boolean;
            share: boolean;
            full_screen: boolean;
        };
        zoom: {
            most: 'none' | '2' | '3' | '4' | 'own';
            buttons: boolean;
            slider: boolean;
            loupe: 'none' | 'tiles' | 'large' | 'both';
            size: number;
            strength: number;
        };
        turning: {
            at_end: 'again' | 'stop';
            apart: boolean;
            sequence: string;
        };
        playing: {
            offered: boolean;
            starts: boolean;
            seconds: number;
            repeats: boolean;
            fades: boolean;
        };
        giving: {
            download: 'none' | 'large' | 'stripped' | 'original';
            words: boolean;
            pages: boolean;
        };
    };
}
export interface PaneOfGallery {
    id: string;
    page_id: string | null;
    page: string;
    address: string;
    spot: number;
}
export interface Item {
    id: string;
    kind: 'picture' | 'video' | 'text';
    picture: Picture | null;
    text: string | null;
    album: string | null;
    hidden: boolean;
    large: boolean;
    words: Words;
    /**
     * Fields in which the gallery says something else than the picture itself.
     */
    exceptions: (WordField | 'decorative')[];
    flaws: FlawCode[];
}
export interface Picture {
    id: string;
    kind: 'picture' | 'video';
    name: string;
    width: number;
    height: number;
    state: 'preparing' | 'ready' | 'failed';
    failure: string | null;
    thumbnail: string | null;
    /**
     * @minItems 2
     * @maxItems 2
     */
    focal: [number, number];
    /**
     * False where the focal point was only guessed.
     */
    focal_sure: boolean;
    words: Words;
}
export interface Words {
    title: string;
    caption: string;
    description: string;
    alt: string;
    link: string;
    credit: string;
    decorative: boolean;
}
export interface GalleryAct {
    id: number;
    says: string;
    at: string;
    by: string | null;
    undone: boolean;
    live: boolean;
    pictures: string[];
}
export interface GalleryCard {
    id: string;
    title: string;
    pictures: number;
    pages: string[];
    state: 'draft' | 'live' | 'changed';
    changes: number;
    miniature: Miniature;
}
export interface GalleryChanged {
    id: string;
    about: About;
    version: number;
    stamp: string;
    saved_at: string;
    design: GalleryDesign;
    /**
     * Settings that have an effect on the design as it is.
     */
    in_force: SettingPath[];
    /**
     * How the settings under each heading stand.
     */
    briefs: {
        [k: string]: string;
    };
    layout_label: string;
    finish_label: string;
    viewer_label: string;
    albums: Albums;
    undo: {
        entry: number;
        says: string;
        /**
         * Another person whose act it is.
         */
        by: string | null;
    } | null;
    redo: {
        entry: number;
        says: string;
        /**
         * Another person whose act it is.
         */
        by: string | null;
    } | null;
    live: {
        at: string | null;
        changes: string[];
        pages: {
            id: string;
            title: string;
            address: string;
            changes: string[];
        }[];
    };
    panes: PaneOfGallery[];
    items: Item[];
    /**
     * The version that this goes on from.
     */
    from: number;
    /**
     * All items, where others are there or they stand elsewhere; those that are new or other than before are among the items.
     */
    order: string[] | null;
    /**
     * Pictures that could not be brought back: they were deleted for good.
     */
    gone: number;
    laid_out: LaidOut | null;
}
export interface LaidOut {
    measures: {
        wide: Measures;
        phone: Measures;
    };
    legibility: Legibility;
    /**
     * Widths of the window at which the layout changes.
     */
    bands: number[];
    proof: Proof;
}
export interface Legibility {
    needed: number;
    judged: number;
    hard: number;
    says: string;
    mends: {
        label: string;
        part: DesignPart;
    }[];
    captions: CaptionSight[];
}
export interface Proof {
    key: string;
    /**
     * Null where it is the one whose key was sent.
     */
    html: string | null;
    css: string;
}
export interface GalleryHistory {
    acts: GalleryAct[];
    more: boolean;
    editions: EditionSeen[];
}
export interface GalleryName {
    id: string;
    title: string;
}
export interface GalleryOfSite {
    id: string;
    title: string;
    version: number;
    is_live: boolean;
    changes: string[];
    stands: boolean;
}
export interface InUse {
    in_use: {
        id: string;
        name: string;
        galleries: GalleryName[];
    }[];
}
export interface InvitationLink {
    link: string;
    days: number;
}
export interface InvitationSeen {
    invitation: {
        email: string;
        role: string;
    } | null;
}
export interface Lacking {
    /**
     * Pictures whose files are still to be made before the gallery goes live.
     */
    lacking: number;
}
export interface LaidOutNow {
    version: number;
    measures: {
        wide: Measures;
        phone: Measures;
    };
    legibility: Legibility;
    /**
     * Widths of the window at which the layout changes.
     */
    bands: number[];
    proof: Proof;
}
export interface LayoutFacts {
    ends_in_columns: boolean;
    makes_large: boolean;
    has_tile_size: boolean;
}
export interface Limits {
    megabytes: number;
    video_megabytes: number;
    part_bytes: number;
}
export interface Look {
    address: string;
    until: string;
    /**
     * Whether other devices of the network are let in.
     */
    reachable: boolean;
}
export interface LookAlikes {
    groups: StoredPicture[][];
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
    state: 'preparing' | 'ready' | 'failed';
    focal_sure: boolean;
    described: boolean;
    uses: number;
}
export interface MeantSnag {
    code: string;
    kind: string;
    says: string;
    word: string;
    by: string | null;
    at: string;
}
export interface Mend {
    label: string;
    change: Change | null;
    /**
     * A page that is given an entry in the menu, where the gallery is left as it is.
     */
    page: {
        id: string;
        menu_label: string;
    } | null;
}
export interface MendPreview {
    says: string;
    rows: {
        item: string;
        name: string;
        field: string;
        before: string;
        after: string;
    }[];
    before: SnagPlaces | null;
    after: SnagPlaces | null;
}
export interface SnagPlaces {
    width: number;
    height: number;
    tiles: MiniatureTile[];
    /**
     * Whose each tile is.
     */
    items: string[];
}
export interface NumberSetting {
    path: SettingPath;
    label: string;
    under: string;
    /**
     * Whether null leaves it to what the core finds good.
     */
    can_be_left: boolean;
    control: 'number';
    least: number;
    most: number;
    unit: string;
    words: {
        value: number;
        label: string;
    }[];
    named: {
        value: number;
        label: string;
    }[];
}
export interface OrderPreview {
    items: string[];
}
export interface PageChecked {
    findings: {
        code: string;
        says: string;
        mend: string;
        gallery: string;
        is_fault: boolean;
        kind: EmbedKind | null;
    }[];
}
export interface PageMade {
    id: string;
}
export interface PageParts {
    seen: string;
    parts: Part[];
    /**
     * Where a gallery may stand, in words.
     */
    spots: string[];
    /**
     * Single pictures that are in a gallery on the page too.
     */
    twice: {
        part: string;
        pane: string;
        item: string;
        gallery: string;
    }[];
}
export interface Part {
    id: string;
    kind: PartKind;
    html: string;
    level: number;
    ordered: boolean;
    picture: string | null;
    caption: string;
    side: PaneSide;
    says: string;
    thumbnail: string | null;
}
export interface PaneDetails {
    id: string;
    room: {
        wide: number;
        phone: number;
        most: number;
    };
    /**
     * Widths in px where the edge of the gallery may stop.
     */
    marks: {
        page: number[];
        tiles: number[];
    };
    space: {
        above: number;
        below: number;
    };
    exceptions: Exception[];
    finish: {
        here: string;
        gallery: string;
    };
    albums: {
        value: string;
        label: string;
    }[];
    items: {
        id: string;
        title: string;
        thumbnail: string | null;
        shown: boolean;
    }[];
}
export interface PanePlaced {
    id: string;
}
export interface PastedCleaned {
    html: string;
    lost: string[];
}
export interface People {
    people: {
        id: string;
        name: string;
        email: string;
        role: Role;
        second_step: boolean;
        seen_at: string | null;
    }[];
    invitations: {
        id: string;
        email: string;
        role: Role;
        expires_at: string;
    }[];
    roles: {
        key: Role;
        label: string;
        says: string;
    }[];
}
/** A picture with all that is known of it. */
export interface PictureDetails {
    id: string;
    kind: 'picture' | 'video';
    name: string;
    width: number;
    height: number;
    state: 'preparing' | 'ready' | 'failed';
    failure: string | null;
    thumbnail: string | null;
    /**
     * @minItems 2
     * @maxItems 2
     */
    focal: [number, number];
    /**
     * False where the focal point was only guessed.
     */
    focal_sure: boolean;
    words: Words;
    recipe: Recipe;
    /**
     * @minItems 2
     * @maxItems 2
     */
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
    /**
     * Taken off everywhere: no visitor gets it.
     */
    offline: boolean;
    colours: string[];
    file: string | null;
}
export interface Recipe {
    turn: number;
    straighten: number;
    crop: Crop | null;
    brightness: number;
    contrast: number;
    words: boolean;
    free: boolean;
}
export interface PictureSetting {
    path: SettingPath;
    label: string;
    under: string;
    /**
     * Whether null leaves it to what the core finds good.
     */
    can_be_left: boolean;
    control: 'picture';
}
export interface Place {
    width: 'half' | 'text' | 'wide' | 'edges' | 'px';
    px: number;
    side: 'start' | 'middle' | 'end';
    above: number | null;
    below: number | null;
}
export interface PlacePart {
    width?: 'half' | 'text' | 'wide' | 'edges' | 'px';
    px?: number;
    side?: 'start' | 'middle' | 'end';
    above?: number | null;
    below?: number | null;
}
export interface PlaceSetting {
    path: string;
    label: string;
    under: string;
    can_be_left: boolean;
    control: 'number' | 'choice';
    least?: number;
    most?: number;
    unit?: string;
    words?: {
        value: number;
        label: string;
    }[];
    named?: {
        value: number;
        label: string;
    }[];
    options?: Option[];
}
/** Problem details as of RFC 9457. */
export interface Problem {
    type: string;
    code: string;
    title: string;
    status: number;
    detail: string;
    field?: string;
    allowed?: string;
    current_version?: number;
    since?: string[];
    clashes?: ClashValue[];
    errors?: {
        [k: string]: string[];
    };
}
export interface Pulse {
    stamp: string;
}
export interface RecoveryCodes {
    recovery_codes: string[];
}
export interface SecondStepOffer {
    /**
     * In groups of four, to be typed.
     */
    secret: string;
    /**
     * To be scanned.
     */
    uri: string;
}
export interface SecurityLog {
    entries: {
        id: number;
        at: string;
        kind: string;
        who: string;
        address: string;
        says: string;
    }[];
    more: boolean;
    kinds: {
        key: string;
        label: string;
    }[];
}
export interface Session {
    user: User | null;
    limits: Limits;
}
export interface User {
    id: string;
    name: string;
    email: string;
    role: Role;
    may: Ability[];
}
export interface ShapeSetting {
    path: SettingPath;
    label: string;
    under: string;
    /**
     * Whether null leaves it to what the core finds good.
     */
    can_be_left: boolean;
    control: 'shape';
    options: Option[];
    first: string;
    extreme: number;
    longest: number;
}
export interface TextSetting {
    path: SettingPath;
    label: string;
    under: string;
    /**
     * Whether null leaves it to what the core finds good.
     */
    can_be_left: boolean;
    control: 'text';
    longest: number;
    allowed: string;
    shown: boolean;
}
export interface Site {
    name: string;
    is_live: boolean;
    right_to_left: boolean;
    undo: {
        entry: number;
        says: string;
        /**
         * Another person whose act it is.
         */
        by: string | null;
    } | null;
    redo: {
        entry: number;
        says: string;
        /**
         * Another person whose act it is.
         */
        by: string | null;
    } | null;
    /**
     * That wait to be looked at.
     */
    comments: number;
    galleries: GalleryOfSite[];
    frame: SitePane[];
    /**
     * Live pages that are no more.
     */
    gone: {
        id: string;
        title: string;
    }[];
}
export interface SitePane {
    id: string;
    gallery_id: string;
    gallery: string;
    spot: number;
    says_spot: string;
    name: string;
    says: string;
    place: Place;
    exceptions: Exceptions;
    except: string[];
}
export interface SiteHistory {
    acts: Act[];
    more: boolean;
}
export interface SitePage {
    id: string;
    title: string;
    address: string;
    slug: string;
    menu_label: string | null;
    parent: string | null;
    comments: boolean;
    offline: boolean;
    brought_in: boolean;
    live: boolean;
    body: string;
    parts: number;
    /**
     * What of the page itself is not live.
     */
    changes: string[];
    changed_by: {
        id: string;
        name: string;
    } | null;
    /**
     * Titles of pages whose words lead to it.
     */
    linked_from: string[];
    /**
     * Whether visitors would not find it though a gallery stands on it.
     */
    lost: boolean;
    panes: SitePane[];
}
export interface Snag {
    code: string;
    /**
     * What snags of this kind are called.
     */
    kind: string;
    stage: Stage;
    says: string;
    in_crops: boolean;
    /**
     * Whether it is seen on a phone alone.
     */
    on_phone: boolean;
    /**
     * Those that it is about; none where it is about the whole.
     */
    items: string[];
    page: string | null;
    mends: Mend[];
}
export interface SnagList {
    version: number;
    snags: Snag[];
    meant: MeantSnag[];
    /**
     * The gallery drawn small, where that was asked for.
     */
    places: {
        wide: SnagPlaces;
        phone: SnagPlaces;
    } | null;
}
export interface SnagsOfGallery {
    id: string;
    title: string;
    version: number;
    snags: Snag[];
}
export interface SnagsOfSite {
    galleries: SnagsOfGallery[];
}
export interface SourceFile {
    id: string;
    title: string;
    thumbnail: string;
    category: string;
    credit: string;
    licence: string;
    new: boolean;
    taken: boolean;
    keywords: string[];
}
export interface SourceFiles {
    files: SourceFile[];
}
export interface SourceInfo {
    name: string;
    label: string;
    facets: {
        byKeyword: boolean;
        byColour: boolean;
        byNew: boolean;
        categories: string[];
    };
}
export interface StorePage {
    total: number;
    offset: number;
    pictures: StoredPicture[];
}
export interface TablePreview {
    words:
        | {
              [k: string]: WordChange;
          }
        | [];
    problems: TableProblem[];
    /**
     * How the file was understood: encoding and separator, in words.
     */
    read_as: string;
}
export interface TableProblem {
    line: number;
    says: string;
}
export interface TableTaken {
    gallery: GalleryChanged;
    problems: TableProblem[];
}
export interface TakenIn {
    picture: Picture;
    known: boolean;
    notice: string | null;
}
export interface TokenMade {
    /**
     * Told this once.
     */
    token: string;
}
export interface Understood {
    /**
     * What it was read from, in words.
     */
    from: string;
    title: string;
    description: string;
    pictures: {
        file: string;
        title: string;
        caption: string;
        alt: string;
    }[];
    /**
     * Named there, and not among the files.
     */
    absent: string[];
    /**
     * Among the files, and not named there.
     */
    left: string[];
}
export interface Uses {
    galleries: GalleryName[];
}
export interface Vocabulary {
    settings: Setting[];
    layouts: {
        grid: LayoutFacts;
        masonry: LayoutFacts;
        rows: LayoutFacts;
        mosaic: LayoutFacts;
        strip: LayoutFacts;
        slideshow: LayoutFacts;
        single: LayoutFacts;
    };
    words: WordInfo[];
    fill: {
        acts: {
            value: FillAct;
            label: string;
        }[];
        tokens: Option[];
        longest: number;
        farthest: number;
    };
    orders: {
        value: OrderName;
        label: string;
    }[];
    seeds: number;
    album_views: {
        value: AlbumView;
        label: string;
    }[];
    shapes: Option[];
    tile_sizes: {
        names: Option[];
        /**
         * @minItems 2
         * @maxItems 2
         */
        range: [number, number];
        first: number;
    };
    qualities: {
        value: Quality;
        label: string;
        weight: number;
    }[];
    flaws: Flaw[];
    heaviest: number;
    widths: {
        least: number;
        most: number;
        wide: number;
        phone: number;
    };
    tidying: {
        least: number;
        steepest: number;
        light: number;
    };
    class_names: {
        name: string;
        says: string;
    }[];
    css_example: string;
    files: string[];
    pictures: string;
    places: PlaceSetting[];
    part_kinds: {
        value: PartKind;
        label: string;
        is_written: boolean;
    }[];
    frame_spots: string[];
    heading_levels: number[];
    longest: {
        gallery_title: number;
        gallery_description: number;
        album: number;
        keywords: number;
        text: number;
        menu_label: number;
        page_title: number;
        address: number;
        pane_name: number;
        part_caption: number;
        finish_name: number;
        snag_word: number;
    };
}
export interface WordInfo {
    field: WordField;
    label: string;
    longest: number;
    has_lines: boolean;
}
