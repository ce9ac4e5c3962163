<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\Upgrades\Upgrades;

/**
 * A stored design of any schema as one of the present.
 *
 * @implements CastsAttributes<GalleryDesign, GalleryDesign>
 */
final class DesignCast implements CastsAttributes
{
    /**
     * @param  array<string, mixed>  $attributes
     */
    public function get(Model $model, string $key, mixed $value, array $attributes): GalleryDesign
    {
        return GalleryDesign::fromArray(Upgrades::all()->design(Json::read($value)));
    }

    /**
     * @param  array<string, mixed>  $attributes
     */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return Json::write(($value ?? GalleryDesign::default())->toArray());
    }
}
