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
 * @property string $purpose what it is to become, as of a Batch
 * @property string $name
 * @property int $bytes
 * @property ?array<string, mixed> $outcome what became of it
 * @property ?string $picture_id that it became
 * @property bool $is_put_in whether that stands in the gallery
 * @property int $of how many were dropped together
 */
final class Upload extends Model
{
    use HasUlids;

    protected $guarded = [];

    protected $attributes = ['outcome' => null, 'picture_id' => null, 'is_put_in' => false, 'purpose' => Batch::PICTURES, 'of' => 1];

    protected function casts(): array
    {
        return ['bytes' => 'integer', 'outcome' => 'array', 'is_put_in' => 'boolean', 'of' => 'integer'];
    }
}
