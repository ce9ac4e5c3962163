<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Gallery;
use Illuminate\Database\Connection;
use Illuminate\Database\Query\Builder;

/** By what windows know their changes: one that heard no answer asks again, and is told what it did. */
final readonly class ChangeKeys
{
    /** Versions of a gallery after which a key is forgotten. */
    private const KEPT = 1000;

    public function __construct(private Connection $database)
    {
    }

    public function isMade(Gallery $gallery, ?string $key): bool
    {
        return $key !== null && $this->of($gallery)->where('key', $key)->exists();
    }

    /** That the change made the version the gallery now has. */
    public function note(Gallery $gallery, ?string $key): void
    {
        if ($key !== null) {
            $this->of($gallery)->where('version', '<', $gallery->version - self::KEPT)->delete();
            $this->of($gallery)->insert(['gallery_id' => $gallery->id, 'key' => $key, 'version' => $gallery->version]);
        }
    }

    /**
     * @return list<int> versions after the one it was made on that the window made itself, whether it heard of them or not
     */
    public function ownSince(Gallery $gallery, int $version, Asking $asking): array
    {
        $made = $asking->tried === [] ? [] : $this->of($gallery)->whereIn('key', $asking->tried)->where('version', '>', $version)->pluck('version')->all();

        return array_values(array_unique([...$asking->own, ...array_map(static fn (mixed $version): int => is_numeric($version) ? (int) $version : 0, $made)]));
    }

    private function of(Gallery $gallery): Builder
    {
        return $this->database->table('change_keys')->where('gallery_id', $gallery->id);
    }
}
