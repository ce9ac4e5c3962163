<?php

declare(strict_types=1);

namespace ZincPane\Core\Design;

use ZincPane\Core\Settings\Control;
use ZincPane\Core\Settings\Kind;
use ZincPane\Core\Settings\Schema;
use ZincPane\Core\Settings\SettingException;

/** The shape of all tiles: one of the usual ones, any other, or each picture's own. */
final readonly class ShapeKind implements Kind
{
    /** What another shape than the usual ones begins with. */
    private const FIRST = '5:4';

    public function read(string $field, mixed $given): TileShape
    {
        return is_string($given) ? TileShape::of($field, $given) : throw SettingException::notText($field, $given, strlen('99:99'));
    }

    public function write(mixed $value): string
    {
        return $value instanceof TileShape ? $value->value : '';
    }

    public function says(string|int|float|bool|null $written): string
    {
        return TileShape::of('shape', (string) $written)->label();
    }

    public function schema(): Schema
    {
        return Schema::text('^('.TileShape::OWN.'|[1-9][0-9]?:[1-9][0-9]?)$');
    }

    public function control(): Control
    {
        $options = [];
        foreach ([...TileShape::USUAL, TileShape::OWN] as $shape) {
            $options[] = ['value' => $shape, 'label' => ucfirst($this->says($shape))];
        }

        return Control::shape($options, self::FIRST, TileShape::EXTREME, 99);
    }
}
