<?php

declare(strict_types=1);

namespace App\Contract;

use ZincPane\Core\Gallery\AlbumView;
use ZincPane\Core\Gallery\ItemFlag;
use ZincPane\Core\Gallery\WordField;
use ZincPane\Core\Ordering\Orders;
use ZincPane\Core\Wording\AltFlaw;
use ZincPane\Core\Wording\FillAct;

/** Galleries, their items and words, and what may be changed of them. */
final class GalleryTypes
{
    /**
     * @return array<string, Type> by name
     */
    public static function all(): array
    {
        $about = ['title' => Type::text(), 'description' => Type::text(), 'shows_title' => Type::flag(), 'shows_description' => Type::flag()];
        $words = array_fill_keys(array_map(static fn (WordField $field): string => $field->value, WordField::cases()), Type::text());
        $identifiers = Type::list(Type::text());
        $act = Type::object(['entry' => Type::whole(), 'says' => Type::text(), 'by' => Type::text()->orNull()->told('Another person whose act it is.')])->orNull();
        $laidOut = [
            'measures' => Type::object(['wide' => Type::ref('Measures'), 'phone' => Type::ref('Measures')]),
            'legibility' => Type::ref('Legibility'),
            'bands' => Type::list(Type::whole())->told('Widths of the window at which the layout changes.'), 'proof' => Type::ref('Proof'),
        ];
        $facts = [
            'id' => Type::text(), 'about' => Type::ref('About'), 'version' => Type::whole(), 'stamp' => Type::text(), 'saved_at' => Type::text(),
            'design' => Type::ref('GalleryDesign'), 'in_force' => Type::list(Type::ref('SettingPath'))->told('Settings that have an effect on the design as it is.'),
            'briefs' => Type::map(Type::text())->told('How the settings under each heading stand.'), 'layout_label' => Type::text(), 'finish_label' => Type::text(), 'viewer_label' => Type::text(),
            'albums' => Type::ref('Albums'), 'undo' => $act, 'redo' => $act,
            'live' => Type::object(['at' => Type::text()->orNull(), 'changes' => Type::list(Type::text()), 'pages' => Type::list(Type::object(['id' => Type::text(), 'title' => Type::text(), 'address' => Type::text(), 'changes' => Type::list(Type::text())]))]),
            'panes' => Type::list(Type::ref('PaneOfGallery')), 'items' => Type::list(Type::ref('Item')),
        ];

        return [
            'WordField' => Type::enum(WordField::class),
            'Words' => Type::object([...$words, 'decorative' => Type::flag()]),
            'WordChange' => Type::part([...array_map(static fn (Type $text): Type => $text->orNull(), $words), 'decorative' => Type::flag()->orNull()])
                ->told('Changed words: null goes back to the picture’s own.'),
            'OrderName' => Type::among(array_keys(Orders::LABELS)),
            'AlbumView' => Type::enum(AlbumView::class),
            'FillAct' => Type::enum(FillAct::class),
            'About' => Type::object($about),
            'Album' => Type::object(['id' => Type::text(), 'name' => Type::text()]),
            'Albums' => Type::object(['list' => Type::list(Type::ref('Album')), 'view' => Type::ref('AlbumView')]),
            'FlawCode' => Type::enum(AltFlaw::class),
            'Flaw' => Type::object(['code' => Type::ref('FlawCode'), 'label' => Type::text(), 'advice' => Type::text()]),
            'Item' => Type::object([
                'id' => Type::text(), 'kind' => Type::among(['picture', 'video', 'text']), 'picture' => Type::ref('Picture')->orNull(), 'text' => Type::text()->orNull(),
                'album' => Type::text()->orNull(), ItemFlag::Hidden->value => Type::flag(), ItemFlag::Large->value => Type::flag(), 'words' => Type::ref('Words'),
                'exceptions' => Type::list(Type::either(Type::ref('WordField'), Type::among(['decorative'])))->told('Fields in which the gallery says something else than the picture itself.'),
                'flaws' => Type::list(Type::ref('FlawCode')),
            ]),
            'PaneOfGallery' => Type::object(['id' => Type::text(), 'page_id' => Type::text()->orNull(), 'page' => Type::text(), 'address' => Type::text(), 'spot' => Type::whole()]),
            'Gallery' => Type::object($facts),
            'GalleryChanged' => Type::object([
                ...$facts, 'from' => Type::whole()->told('The version that this goes on from.'), 'order' => $identifiers->orNull()->told('All items, where others are there or they stand elsewhere; those that are new or other than before are among the items.'),
                'gone' => Type::whole()->told('Pictures that could not be brought back: they were deleted for good.'),
                'laid_out' => Type::ref('LaidOut')->orNull(),
            ]),
            'LaidOut' => Type::object($laidOut),
            'LaidOutNow' => Type::object(['version' => Type::whole(), ...$laidOut]),
            'GalleryCard' => Type::object([
                'id' => Type::text(), 'title' => Type::text(), 'pictures' => Type::whole(), 'pages' => Type::list(Type::text()),
                'state' => Type::among(['draft', 'live', 'changed']), 'changes' => Type::whole(), 'miniature' => Type::ref('Miniature'),
            ]),
            'GalleryList' => Type::list(Type::ref('GalleryCard')),
            'Lacking' => Type::object(['lacking' => Type::whole()->told('Pictures whose files are still to be made before the gallery goes live.')]),
            'Pulse' => Type::object(['stamp' => Type::text()]),
            'OrderPreview' => Type::object(['items' => $identifiers]),
            'FillSettings' => Type::object(['field' => Type::ref('WordField'), 'act' => Type::ref('FillAct'), 'text' => Type::text(), 'find' => Type::text(), 'only_empty' => Type::flag(), 'from' => Type::whole()]),
            'FillRow' => Type::object(['item' => Type::text(), 'before' => Type::text(), 'after' => Type::text()->orNull()]),
            'FillPreview' => Type::object(['rows' => Type::list(Type::ref('FillRow'))]),
            'TableProblem' => Type::object(['line' => Type::whole(), 'says' => Type::text()]),
            'TablePreview' => Type::object(['words' => Type::either(Type::map(Type::ref('WordChange')), Type::written(['type' => 'array', 'maxItems' => 0])), 'problems' => Type::list(Type::ref('TableProblem')), 'read_as' => Type::text()->told('How the file was understood: encoding and separator, in words.')]),
            'TableTaken' => Type::object(['gallery' => Type::ref('GalleryChanged'), 'problems' => Type::list(Type::ref('TableProblem'))]),
            'Change' => Type::either(
                Type::object(['kind' => Type::among(['about']), 'about' => Type::part($about)]),
                Type::object(['kind' => Type::among(['design']), 'design' => Type::ref('DesignPart')]),
                Type::object(['kind' => Type::among(['words']), 'words' => Type::map(Type::ref('WordChange'))]),
                Type::object(['kind' => Type::among(['move']), 'items' => $identifiers, 'before' => Type::text()->orNull()]),
                Type::object(['kind' => Type::among(['order']), 'items' => $identifiers]),
                Type::object(['kind' => Type::among(['hide']), 'items' => $identifiers, ItemFlag::Hidden->value => Type::flag()]),
                Type::object(['kind' => Type::among(['large']), 'items' => $identifiers, ItemFlag::Large->value => Type::flag()]),
                Type::object(['kind' => Type::among(['click']), 'items' => $identifiers, 'click' => Type::ref('ClickAct')->orNull()]),
                Type::object(['kind' => Type::among(['albums']), 'albums' => Type::ref('Albums'), 'of' => Type::map(Type::text()->orNull())], ['albums', 'of']),
                Type::object(['kind' => Type::among(['text']), 'item' => Type::text(), 'text' => Type::text()]),
                Type::object(['kind' => Type::among(['remove']), 'items' => $identifiers]),
                Type::object(['kind' => Type::among(['tidy']), 'pictures' => Type::map(Type::ref('TidyPart'))]),
            ),
            'ClashValue' => Type::object(['path' => Type::text(), 'label' => Type::text(), 'of' => Type::text()->orNull(), 'mine' => Type::text(), 'theirs' => Type::text()])
                ->told('One thing that two windows changed at the same time.'),
        ];
    }
}
