<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A file that came with pages that were brought in: a style sheet, a picture, a font.
 *
 * @property string $id
 * @property string $batch with which pages it came
 * @property string $path that the pages ask for it by, from the root of the site
 * @property string $hash
 * @property int $bytes
 */
final class SiteFile extends Model
{
    use HasUlids;

    public const UPDATED_AT = null;

    /** Of the disk of originals, that they lie in. */
    public const FOLDER = 'site';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['bytes' => 'integer'];
    }

    /** Its path on the disk of originals. */
    public function storedPath(): string
    {
        return self::pathOf($this->hash);
    }

    public static function pathOf(string $hash): string
    {
        return self::FOLDER.'/'.substr($hash, 0, 2)."/{$hash}";
    }
}
