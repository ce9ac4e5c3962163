<?php

declare(strict_types=1);

namespace App\Contract;

use ZincPane\Core\Snags\Stage;

/** Snags, what mends them, and what is meant to be so. */
final class SnagTypes
{
    /**
     * @return array<string, Type> by name
     */
    public static function all(): array
    {
        $identifiers = Type::list(Type::text());
        $places = Type::ref('SnagPlaces');

        return [
            'Stage' => Type::enum(Stage::class),
            'Mend' => Type::object(['label' => Type::text(), 'change' => Type::ref('Change')->orNull(), 'page' => Type::object(['id' => Type::text(), 'menu_label' => Type::text()])->orNull()->told('A page that is given an entry in the menu, where the gallery is left as it is.')]),
            'Snag' => Type::object([
                'code' => Type::text(), 'kind' => Type::text()->told('What snags of this kind are called.'), 'stage' => Type::ref('Stage'), 'says' => Type::text(), 'in_crops' => Type::flag(), 'on_phone' => Type::flag()->told('Whether it is seen on a phone alone.'),
                'items' => $identifiers->told('Those that it is about; none where it is about the whole.'), 'page' => Type::text()->orNull(), 'mends' => Type::list(Type::ref('Mend')),
            ]),
            'MeantSnag' => Type::object(['code' => Type::text(), 'kind' => Type::text(), 'says' => Type::text(), 'word' => Type::text(), 'by' => Type::text()->orNull(), 'at' => Type::text()]),
            'SnagPlaces' => Type::object(['width' => Type::whole(), 'height' => Type::whole(), 'tiles' => Type::list(Type::ref('MiniatureTile')), 'items' => $identifiers->told('Whose each tile is.')]),
            'SnagList' => Type::object([
                'version' => Type::whole(), 'snags' => Type::list(Type::ref('Snag')), 'meant' => Type::list(Type::ref('MeantSnag')),
                'places' => Type::object(['wide' => $places, 'phone' => $places])->orNull()->told('The gallery drawn small, where that was asked for.'),
            ]),
            'SnagsOfSite' => Type::object(['galleries' => Type::list(Type::ref('SnagsOfGallery'))]),
            'SnagsOfGallery' => Type::object(['id' => Type::text(), 'title' => Type::text(), 'version' => Type::whole(), 'snags' => Type::list(Type::ref('Snag'))]),
            'MendPreview' => Type::object([
                'says' => Type::text(),
                'rows' => Type::list(Type::object(array_fill_keys(['item', 'name', 'field', 'before', 'after'], Type::text()))),
                'before' => $places->orNull(), 'after' => $places->orNull(),
            ]),
        ];
    }
}
