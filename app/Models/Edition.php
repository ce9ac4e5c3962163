<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A gallery frozen when it was put live.
 *
 * @property string $id
 * @property string $gallery_id
 * @property int $version
 * @property array{title: string, design: array<string, mixed>, pictures: list<array<string, mixed>>} $content
 * @property Carbon $created_at
 */
final class Edition extends Model
{
    use HasUlids;

    public const UPDATED_AT = null;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['content' => 'array', 'version' => 'integer'];
    }
}
