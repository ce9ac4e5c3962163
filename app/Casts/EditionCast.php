<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use ZincPane\Core\Edition\FrozenGallery;

/**
 * What an edition keeps, of any schema.
 *
 * @implements CastsAttributes<FrozenGallery, FrozenGallery>
 */
final class EditionCast implements CastsAttributes
{
    /**
     * @param  array<string, mixed>  $attributes
     */
    public function get(Model $model, string $key, mixed $value, array $attributes): FrozenGallery
    {
        return FrozenGallery::fromArray(Json::read($value));
    }

    /**
     * @param  array<string, mixed>  $attributes
     */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return Json::write($value?->toArray() ?? []);
    }
}
