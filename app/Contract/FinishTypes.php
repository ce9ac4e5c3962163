<?php

declare(strict_types=1);

namespace App\Contract;

/** Finishes, and how well captions can be read. */
final class FinishTypes
{
    /**
     * @return array<string, Type> by name
     */
    public static function all(): array
    {
        $part = Type::ref('DesignPart');

        return [
            'FinishCard' => Type::object([
                ...array_fill_keys(['key', 'name', 'says'], Type::text()), 'source' => Type::among(['shipped', 'kept', 'gallery']), 'part' => $part,
                'chosen' => Type::flag(), 'follows' => Type::flag()->told('Whether nothing of it was changed since it was taken.'), 'html' => Type::text(), 'css' => Type::text(),
            ]),
            'PageColours' => Type::object([
                ...array_fill_keys(['text', 'ground', 'font'], Type::text()),
                'colours' => Type::list(Type::object(['name' => Type::text(), 'colour' => Type::text()])), 'part' => $part,
            ]),
            'Finishes' => Type::object(['cards' => Type::list(Type::ref('FinishCard')), 'page' => Type::ref('PageColours')]),
            'FinishKept' => Type::object(['key' => Type::text(), 'name' => Type::text(), 'followers' => Type::list(Type::object(['id' => Type::text(), 'title' => Type::text()]))], ['followers']),
            'CaptionSight' => Type::object([
                'number' => Type::whole(), 'title' => Type::text(), 'src' => Type::text()->orNull(), 'shape' => Type::number(), 'area' => Type::tuple(Type::number(), 4)->told('Left, top, width, height; shares of the picture.'),
                'ratio' => Type::number(), 'at' => Type::whole()->told('px of the gallery where it is so.'), 'is_hard' => Type::flag(),
            ]),
            'Legibility' => Type::object([
                'needed' => Type::number(), 'judged' => Type::whole(), 'hard' => Type::whole(), 'says' => Type::text(),
                'mends' => Type::list(Type::object(['label' => Type::text(), 'part' => $part])), 'captions' => Type::list(Type::ref('CaptionSight')),
            ]),
        ];
    }
}
