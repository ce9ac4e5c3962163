<?php

declare(strict_types=1);

namespace ZincPane\Core\Wording;

use ZincPane\Core\Gallery\Words;

/** Reads the alt texts of a gallery as a whole, and tells what is wrong with each. */
final class AltReview
{
    /** Characters that a listener bears in one go. */
    public const LONGEST = 150;

    /**
     * @param  list<Words>  $all  in force, of all pictures of the gallery
     * @return list<list<AltFlaw>> of each picture
     */
    public static function of(array $all): array
    {
        $folded = self::foldedAll($all);
        $times = self::times($all, $folded);

        return array_map(static fn (Words $words, string $alt): array => self::flaws($words, $alt, $times[$alt] > 1), $all, $folded);
    }

    /**
     * After some were changed: what is wrong with those, and with the others of which something else is
     * wrong now than before, since what they say is said by one more or by one less.
     *
     * @param  list<Words>  $all  in force now
     * @param  array<int, ?Words>  $before  of those that were changed, by place, what was in force; null of new ones
     * @param  list<Words>  $gone  of those that are no longer there
     * @return array<int, list<AltFlaw>> by place
     */
    public static function afterwards(array $all, array $before, array $gone = []): array
    {
        $folded = self::foldedAll($all);
        $times = self::times($all, $folded);
        $then = [];
        foreach ($before as $place => $words) {
            $then[$folded[$place]] = ($then[$folded[$place]] ?? $times[$folded[$place]]) - ($all[$place]->decorative ? 0 : 1);
        }
        foreach (array_filter([...array_values($before), ...$gone]) as $words) {
            $alt = self::folded($words->alt);
            $then[$alt] = ($then[$alt] ?? $times[$alt] ?? 0) + ($words->decorative ? 0 : 1);
        }
        $turned = array_filter($then, static fn (int $count, string|int $alt): bool => ($count > 1) !== (($times[$alt] ?? 0) > 1), ARRAY_FILTER_USE_BOTH);
        $flaws = [];
        foreach ($all as $place => $words) {
            if (array_key_exists($place, $before) || (isset($turned[$folded[$place]]) && ! $words->decorative && trim($words->alt) !== '')) {
                $flaws[$place] = self::flaws($words, $folded[$place], $times[$folded[$place]] > 1);
            }
        }

        return $flaws;
    }

    /**
     * @param  list<Words>  $all
     * @return list<string>
     */
    private static function foldedAll(array $all): array
    {
        return array_map(static fn (Words $words): string => self::folded($words->alt), $all);
    }

    /**
     * @param  list<Words>  $all
     * @param  list<string>  $folded
     * @return array<string, int> how often each is said
     */
    private static function times(array $all, array $folded): array
    {
        $times = [];
        foreach ($all as $i => $words) {
            $times[$folded[$i]] = ($times[$folded[$i]] ?? 0) + ($words->decorative ? 0 : 1);
        }

        return $times;
    }

    /**
     * @param  string  $folded  the alt text
     * @return list<AltFlaw>
     */
    private static function flaws(Words $words, string $folded, bool $isRepeated): array
    {
        $alt = trim($words->alt);
        if ($words->decorative) {
            return [];
        }
        if ($alt === '') {
            return [AltFlaw::Missing];
        }

        $saysNothing = Fillers::saysNothing($alt);

        return array_values(array_filter([
            ! $saysNothing && TitleFromName::isFileName($alt) ? AltFlaw::FileName : null,
            $saysNothing ? AltFlaw::SaysNothing : null,
            ! $saysNothing && Fillers::beginWith($alt) ? AltFlaw::Filler : null,
            $words->caption !== '' && $folded === self::folded($words->caption) ? AltFlaw::SameAsCaption : null,
            mb_strlen($alt) > self::LONGEST ? AltFlaw::TooLong : null,
            $isRepeated ? AltFlaw::Repeated : null,
        ]));
    }

    /** Without case, punctuation and runs of blanks, which nobody hears. */
    private static function folded(string $text): string
    {
        return trim((string) preg_replace('/[^\p{L}\p{N}]+/u', ' ', mb_strtolower($text)));
    }
}
