<?php

declare(strict_types=1);

namespace ZincPane\Core\Wording;

use ZincPane\Core\Gallery\Words;

/** Reads the alt texts of a gallery as a whole, and tells what is wrong with each. */
final class AltReview
{
    /** Characters that a listener bears in one go. */
    public const LONGEST = 150;

    private const FILLER = '/^\W*(this is )?(an? |the )?(image|picture|photo|photograph|pic|snapshot|screenshot|graphic)\b( (of|showing|that shows|shows|with|depicting|from)\b|\W*$)/iu';

    /**
     * @param  list<Words>  $all  in force, of all pictures of the gallery
     * @return list<list<AltFlaw>> of each picture
     */
    public static function of(array $all): array
    {
        $folded = array_map(static fn (Words $words): string => self::folded($words->alt), $all);
        $times = [];
        foreach ($all as $i => $words) {
            $times[$folded[$i]] = ($times[$folded[$i]] ?? 0) + ($words->decorative ? 0 : 1);
        }

        return array_map(static fn (Words $words, string $alt): array => self::flaws($words, $alt, $times[$alt] > 1), $all, $folded);
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

        return array_values(array_filter([
            TitleFromName::isFileName($alt) ? AltFlaw::FileName : null,
            preg_match(self::FILLER, $alt) === 1 ? AltFlaw::Filler : null,
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
