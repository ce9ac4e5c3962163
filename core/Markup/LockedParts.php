<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

/** Parts of a page that are seen only by who has the password of their gallery: both forms stand in one file, which nobody is given as it is. */
final class LockedParts
{
    /**
     * @param  string  $gallery  its identifier
     * @param  string  $inside  HTML for who may see it
     * @param  string  $instead  and for all others
     */
    public static function around(string $gallery, string $inside, string $instead): string
    {
        return "<!--zp-locked {$gallery}-->{$inside}<!--zp-or {$gallery}-->{$instead}<!--zp-end {$gallery}-->";
    }

    /**
     * @param  list<string>  $opened  galleries that somebody may see
     * @return string the page as that one gets it
     */
    public static function for(string $page, array $opened): string
    {
        $seen = '';
        $at = 0;
        while (preg_match('/<!--zp-locked ([0-9a-z]{26})-->/', $page, $found, PREG_OFFSET_CAPTURE, $at) === 1) {
            [[$mark, $from], [$gallery]] = $found;
            $or = strpos($page, "<!--zp-or {$gallery}-->", $from);
            $end = strpos($page, "<!--zp-end {$gallery}-->", $from);
            if ($or === false || $end === false || $end < $or) {
                // A mark that somebody wrote: what follows it is no part of ours.
                return $seen.substr($page, $at, $from - $at);
            }
            $inside = substr($page, $from + strlen($mark), $or - $from - strlen($mark));
            $instead = substr($page, $or + strlen("<!--zp-or {$gallery}-->"), $end - $or - strlen("<!--zp-or {$gallery}-->"));
            $seen .= substr($page, $at, $from - $at).(in_array($gallery, $opened, true) ? $inside : $instead);
            $at = $end + strlen("<!--zp-end {$gallery}-->");
        }

        return $seen.substr($page, $at);
    }

    public static function has(string $page): bool
    {
        return str_contains($page, '<!--zp-locked ');
    }
}
