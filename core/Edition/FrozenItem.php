<?php

declare(strict_types=1);

namespace ZincPane\Core\Edition;

use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Delivery\Rendition;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Geometry\Size;

/** An item as an edition keeps it. */
final class FrozenItem
{
    /**
     * @return array<string, mixed>
     */
    public static function write(Shown $item): array
    {
        $words = array_filter($item->words()->toArray(), static fn (string|bool $word): bool => $word !== '' && $word !== false);

        return match (true) {
            $item instanceof ShownText => ['text' => $item->html->html, 'words' => $words],
            $item instanceof ShownPicture => [
                'size' => [$item->size->width, $item->size->height],
                'focal' => [$item->focal->x, $item->focal->y],
                'words' => $words,
                'address' => $item->address,
                'renditions' => array_map(static fn (Rendition $rendition): string => $rendition->fileName(), $item->renditions),
                'colour' => $item->colour,
                ...($item->hasAlpha ? ['alpha' => true] : []),
                ...($item->moves ? ['moves' => true] : []),
                ...($item->facts->toArray() === [] ? [] : ['facts' => $item->facts->toArray()]),
                ...($item->ending === '' ? [] : ['ending' => $item->ending]),
                'video' => $item->video === null ? null : [$item->video->address, $item->video->mediaType, ...($item->video->track === null ? [] : [$item->video->track])],
            ],
            default => throw EditionException::cannotBeFrozen($item),
        };
    }

    /**
     * @param  array<string, mixed>  $frozen
     */
    public static function read(array $frozen): Shown
    {
        if (isset($frozen['text'])) {
            /** @var array{text: string, words: array<string, string|bool>} $frozen */
            return new ShownText(CleanHtml::cleanedBefore($frozen['text']), Words::fromArray($frozen['words']));
        }

        /** @var array{size: array{int, int}, focal: array{float, float}, words: array<string, string|bool>, address: string, renditions: list<string>, colour?: ?string, alpha?: bool, moves?: bool, facts?: array<string, string|int>, ending?: string, video: ?array{0: string, 1: string, 2?: string}} $frozen */
        return new ShownPicture(
            Size::of(...$frozen['size']),
            FocalPoint::of(...$frozen['focal']),
            Words::fromArray($frozen['words']),
            $frozen['address'],
            array_map(self::rendition(...), $frozen['renditions']),
            $frozen['video'] === null ? null : new ShownVideo(...$frozen['video']),
            $frozen['colour'] ?? null,
            $frozen['alpha'] ?? false,
            $frozen['moves'] ?? false,
            PictureFacts::fromArray($frozen['facts'] ?? []),
            $frozen['ending'] ?? '',
        );
    }

    private static function rendition(string $file): Rendition
    {
        [$width, $ending] = explode('.', $file);

        return new Rendition(max(1, (int) $width), Format::from($ending));
    }
}
