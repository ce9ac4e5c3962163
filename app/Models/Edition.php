<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\EditionCast;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use ZincPane\Core\Edition\FrozenGallery;

/**
 * A gallery frozen when it was put live.
 *
 * @property string $id
 * @property string $gallery_id
 * @property int $version
 * @property FrozenGallery $content
 * @property Carbon $created_at
 */
final class Edition extends Model
{
    use HasUlids;

    public const UPDATED_AT = null;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['content' => EditionCast::class, 'version' => 'integer'];
    }
}
