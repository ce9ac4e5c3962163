<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Edition\PictureFacts;
use ZincPane\Core\Phrases\Phrases;
use ZincPane\Core\Viewer\ShownWords;

/** What is told of how a picture came to be, as far as it may be. */
final class FactsLine
{
    /** Before rights that say nothing of the kind themselves. */
    private const SIGN = '©';

    /**
     * @return list<string> empty where nothing is to be told
     */
    public static function of(PictureFacts $facts, ShownWords $words, Phrases $phrases): array
    {
        $told = [
            $words->date && $facts->takenAt !== null ? $phrases->date($facts->takenAt) : '',
            $words->location ? $facts->place : '',
            $words->camera ? implode(', ', array_filter([$facts->camera, $facts->lens], static fn (string $part): bool => $part !== '')) : '',
            $words->exposure ? $facts->exposure : '',
            $words->rights && $facts->rights !== '' ? self::signed($facts->rights) : '',
            $words->rights ? $facts->licence : '',
        ];

        return array_values(array_filter($told, static fn (string $part): bool => $part !== ''));
    }

    private static function signed(string $rights): string
    {
        return preg_match('/©|\(c\)|copyright/iu', $rights) === 1 ? $rights : self::SIGN." {$rights}";
    }
}
