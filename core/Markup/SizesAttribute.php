<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Delivery\SourceSize;
use ZincPane\Core\Geometry\Linear;
use ZincPane\Core\Markup\Style\Css;

/** Writes the `sizes` attribute (https://html.spec.whatwg.org/multipage/images.html#sizes-attributes). */
final class SizesAttribute
{
    /** @var array<string, string> what was written before: most pictures of a gallery are drawn alike */
    private array $written = [];

    /**
     * @param  non-empty-list<SourceSize>  $sizes  from narrow to wide
     */
    public function of(array $sizes): string
    {
        return $this->written[implode(',', array_map(spl_object_id(...), $sizes))] ??= self::joined($sizes);
    }

    /**
     * @param  non-empty-list<SourceSize>  $sizes
     */
    private static function joined(array $sizes): string
    {
        $written = [];
        $last = null;
        foreach ($sizes as $size) {
            $length = self::length($size);
            if ($length !== $last) {
                $written[] = $size->from > 0 ? "(min-width:{$size->from}px) {$length}" : $length;
                $last = $length;
            }
        }

        return implode(', ', array_reverse($written));
    }

    /** Exact to a px in windows of up to 2,000. */
    private static function length(SourceSize $size): string
    {
        $lengths = array_map(static fn (Linear $line): string => (string) Css::length($line, 'vw', 1), $size->lengths);

        return count($lengths) === 1 ? $lengths[0] : ($size->isGreatest ? 'max(' : 'min(').implode(', ', $lengths).')';
    }
}
