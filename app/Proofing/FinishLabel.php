<?php

declare(strict_types=1);

namespace App\Proofing;

use App\Models\Finish;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\NamedFinish;
use ZincPane\Core\Finish\Ready;

/** What one calls the finish of a gallery: the name it has, or had before it was changed. */
final class FinishLabel
{
    public static function of(GalleryDesign $design): string
    {
        $named = self::named($design->finish->named === '' ? Ready::BARE : $design->finish->named);
        if ($named === null) {
            return 'Its own';
        }
        $isBare = $design->finish->named === '' && $design->with($named->part())->with(['finish' => ['named' => '']])->toArray() === $design->toArray();

        return match (true) {
            $isBare, $named->isFollowedBy($design) => $named->name,
            $design->finish->named === '' => 'Its own',
            default => "{$named->name}, changed",
        };
    }

    private static function named(string $key): ?NamedFinish
    {
        foreach (Ready::finishes() as $ready) {
            if ($ready->key === $key) {
                return NamedFinish::ready($ready);
            }
        }

        return Finish::query()->find($key)?->named();
    }
}
