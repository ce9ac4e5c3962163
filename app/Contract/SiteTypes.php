<?php

declare(strict_types=1);

namespace App\Contract;

use App\Models\CommentState;
use ZincPane\Core\Site\PaneDesign;
use ZincPane\Core\Site\PaneSide;
use ZincPane\Core\Site\PaneWidth;
use ZincPane\Core\Site\PartKind;

/** Pages of the site, what stands on them, and what was done to them. */
final class SiteTypes
{
    /**
     * @return array<string, Type> by name
     */
    public static function all(): array
    {
        $step = Type::object(['entry' => Type::whole(), 'says' => Type::text(), 'by' => Type::text()->orNull()->told('Another person whose act it is.')])->orNull();
        $place = array_map(static fn ($setting): Type => Type::written($setting->kind->schema()->keywords), PaneDesign::settings());

        return [
            'PaneWidth' => Type::enum(PaneWidth::class),
            'PaneSide' => Type::enum(PaneSide::class),
            'PartKind' => Type::enum(PartKind::class),
            'Place' => Type::object($place),
            'PlacePart' => Type::part($place),
            'Exceptions' => Type::part([
                'design' => Type::ref('DesignPart'), 'tile_size' => Type::either(Type::text(), Type::whole()), 'album' => Type::text(), 'left_out' => Type::list(Type::text()),
            ])->told('What is otherwise in one place than in the gallery.'),
            'SitePane' => Type::object([
                'id' => Type::text(), 'gallery_id' => Type::text(), 'gallery' => Type::text(), 'spot' => Type::whole(), 'says_spot' => Type::text(), 'name' => Type::text(), 'says' => Type::text(),
                'place' => Type::ref('Place'), 'exceptions' => Type::ref('Exceptions'), 'except' => Type::list(Type::text()),
            ]),
            'SitePage' => Type::object([
                'id' => Type::text(), 'title' => Type::text(), 'address' => Type::text(), 'slug' => Type::text(), 'menu_label' => Type::text()->orNull(), 'parent' => Type::text()->orNull(),
                'comments' => Type::flag(), 'offline' => Type::flag(), 'brought_in' => Type::flag(), 'live' => Type::flag(), 'body' => Type::text(), 'parts' => Type::whole(),
                'changes' => Type::list(Type::text())->told('What of the page itself is not live.'),
                'changed_by' => Type::object(['id' => Type::text(), 'name' => Type::text()])->orNull(),
                'linked_from' => Type::list(Type::text())->told('Titles of pages whose words lead to it.'), 'lost' => Type::flag()->told('Whether visitors would not find it though a gallery stands on it.'),
                'panes' => Type::list(Type::ref('SitePane')),
            ]),
            'SitePages' => Type::list(Type::ref('SitePage')),
            'PanePlaced' => Type::object(['id' => Type::text()]),
            'BroughtIn' => Type::object(['pages' => Type::list(Type::text()), 'left' => Type::list(Type::object(['name' => Type::text(), 'why' => Type::text()])), 'notes' => Type::list(Type::text())]),
            'PageMade' => Type::object(['id' => Type::text()]),
            'Exception' => Type::object(['path' => Type::ref('SettingPath'), 'label' => Type::text(), 'here' => Type::either(Type::text(), Type::number(), Type::flag())->orNull(), 'says' => Type::text(), 'gallery' => Type::text(), 'is_other' => Type::flag()]),
            'PaneDetails' => Type::object([
                'id' => Type::text(),
                'room' => Type::object(array_fill_keys(['wide', 'phone', 'most'], Type::whole())),
                'marks' => Type::object(array_fill_keys(['page', 'tiles'], Type::list(Type::whole())))->told('Widths in px where the edge of the gallery may stop.'),
                'space' => Type::object(array_fill_keys(['above', 'below'], Type::whole())),
                'exceptions' => Type::list(Type::ref('Exception')),
                'finish' => Type::object(['here' => Type::text(), 'gallery' => Type::text()]),
                'albums' => Type::list(Type::object(['value' => Type::text(), 'label' => Type::text()])),
                'items' => Type::list(Type::object(['id' => Type::text(), 'title' => Type::text(), 'thumbnail' => Type::text()->orNull(), 'shown' => Type::flag()])),
            ]),
            'Part' => Type::object([
                'id' => Type::text(), 'kind' => Type::ref('PartKind'), 'html' => Type::text(), 'level' => Type::whole(), 'ordered' => Type::flag(), 'picture' => Type::text()->orNull(),
                'caption' => Type::text(), 'side' => Type::ref('PaneSide'), 'says' => Type::text(), 'thumbnail' => Type::text()->orNull(),
            ]),
            'PageParts' => Type::object([
                'seen' => Type::text(), 'parts' => Type::list(Type::ref('Part')), 'spots' => Type::list(Type::text())->told('Where a gallery may stand, in words.'),
                'twice' => Type::list(Type::object(array_fill_keys(['part', 'pane', 'item', 'gallery'], Type::text())))->told('Single pictures that are in a gallery on the page too.'),
            ]),
            'CommentState' => Type::enum(CommentState::class),
            'Comment' => Type::object([...array_fill_keys(['id', 'name', 'text', 'at', 'page', 'address'], Type::text()), 'state' => Type::ref('CommentState')]),
            'Comments' => Type::list(Type::ref('Comment')),
            'SiteHistory' => Type::object(['acts' => Type::list(Type::ref('Act')), 'more' => Type::flag()]),
            'Look' => Type::object(['address' => Type::text(), 'until' => Type::text(), 'reachable' => Type::flag()->told('Whether other devices of the network are let in.')]),
            'Act' => Type::object(['id' => Type::whole(), 'says' => Type::text(), 'at' => Type::text(), 'by' => Type::text()->orNull(), 'undone' => Type::flag()])->told('Something that was done.'),
            'GalleryAct' => Type::object(['id' => Type::whole(), 'says' => Type::text(), 'at' => Type::text(), 'by' => Type::text()->orNull(), 'undone' => Type::flag(), 'live' => Type::flag(), 'pictures' => Type::list(Type::text())]),
            'EditionSeen' => Type::object(['id' => Type::text(), 'at' => Type::text(), 'by' => Type::text()->orNull(), 'live' => Type::flag(), 'title' => Type::text(), 'pictures' => Type::whole()])->told('What visitors had.'),
            'GalleryHistory' => Type::object(['acts' => Type::list(Type::ref('GalleryAct')), 'more' => Type::flag(), 'editions' => Type::list(Type::ref('EditionSeen'))]),
            'EditionLive' => Type::object(['gone' => Type::whole()->told('Pictures that stay away: they were deleted for good, or taken offline.')]),
            'GalleryOfSite' => Type::object(['id' => Type::text(), 'title' => Type::text(), 'version' => Type::whole(), 'is_live' => Type::flag(), 'changes' => Type::list(Type::text()), 'stands' => Type::flag()]),
            'Site' => Type::object([
                'name' => Type::text(), 'is_live' => Type::flag(), 'right_to_left' => Type::flag(), 'undo' => $step, 'redo' => $step,
                'comments' => Type::whole()->told('That wait to be looked at.'), 'galleries' => Type::list(Type::ref('GalleryOfSite')), 'frame' => Type::list(Type::ref('SitePane')),
                'gone' => Type::list(Type::object(['id' => Type::text(), 'title' => Type::text()]))->told('Live pages that are no more.'),
            ]),
        ];
    }
}
