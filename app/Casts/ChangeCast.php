<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use ZincPane\Core\Changes\Change;
use ZincPane\Core\Changes\Changes;
use ZincPane\Core\Design\Upgrades\Upgrades;

/**
 * A change of the journal, whatever schema its entry says it was written under.
 *
 * @implements CastsAttributes<Change, Change>
 */
final class ChangeCast implements CastsAttributes
{
    /**
     * @param  array<string, mixed>  $attributes
     */
    public function get(Model $model, string $key, mixed $value, array $attributes): Change
    {
        $schema = $attributes['schema'] ?? Upgrades::FIRST;

        return Changes::parse(Upgrades::all()->change(Json::read($value), is_numeric($schema) ? (int) $schema : Upgrades::FIRST));
    }

    /**
     * @param  array<string, mixed>  $attributes
     */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return Json::write($value?->toArray() ?? []);
    }
}
