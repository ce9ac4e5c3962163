<?php

declare(strict_types=1);

namespace ZincPane\Core\Design\Upgrades;

/**
 * Settings get the names of the trade, and which items are large belongs to the items: no design of
 * the first schema could name one (their identifiers were refused), so its list says nothing.
 */
final readonly class From1To2 implements Upgrade
{
    private const NAMES = ['filling' => 'object_fit', 'at_first' => 'initial_view', 'first_rows' => 'initial_rows'];

    private const FITS = ['crop' => 'cover', 'fit' => 'contain'];

    public function design(array $design): array
    {
        if (! is_array($design['layout'] ?? null)) {
            return $design;
        }
        $layout = [];
        foreach ($design['layout'] as $key => $value) {
            $layout[self::NAMES[$key] ?? $key] = $key === 'filling' && is_string($value) ? self::FITS[$value] ?? $value : $value;
        }
        unset($layout['large']);
        if (array_key_exists('phone', $layout) && $layout['phone'] === null) {
            // Nothing was once a way to leave all to itself.
            $layout['phone'] = ['columns' => null, 'row_height' => null, 'height' => null];
        }

        return [...$design, 'layout' => $layout];
    }
}
