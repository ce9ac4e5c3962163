<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A file on its way in parts.
 *
 * @property string $id
 * @property string $user_id
 * @property ?string $gallery_id
 * @property ?string $arrival which of the files dropped together it is
 * @property string $name
 * @property int $bytes
 */
final class Upload extends Model
{
    use HasUlids;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['bytes' => 'integer'];
    }
}
