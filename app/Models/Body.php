<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use ZincPane\Core\Site\PartKind;
use ZincPane\Core\Site\Parts;

/**
 * The content of a page, kept under its own hash: never changed, so that what is live stays what it was.
 *
 * @property string $hash
 * @property string $kind
 * @property string $content
 */
final class Body extends Model
{
    public const PARTS = 'parts';

    public const FILE = 'file';

    public const UPDATED_AT = null;

    public $incrementing = false;

    protected $primaryKey = 'hash';

    protected $keyType = 'string';

    protected $guarded = [];

    public static function ofParts(Parts $parts): string
    {
        return self::keep(self::PARTS, json_encode($parts->toArray(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));
    }

    /**
     * @param  string  $html  as it came, byte for byte
     */
    public static function ofFile(string $html): string
    {
        return self::keep(self::FILE, $html);
    }

    /** Of a page of the site itself; what is stored was cleaned before. */
    public function parts(): Parts
    {
        return Parts::parse(json_decode($this->content, true), static fn (PartKind $kind, string $html): string => $html);
    }

    public static function called(string $hash): self
    {
        return self::query()->findOrFail($hash);
    }

    private static function keep(string $kind, string $content): string
    {
        $hash = hash('sha256', $kind.$content);
        self::query()->insertOrIgnore(['hash' => $hash, 'kind' => $kind, 'content' => $content, 'created_at' => now()]);

        return $hash;
    }
}
