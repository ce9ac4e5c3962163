<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Gallery;
use Illuminate\Config\Repository;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Support\Carbon;
use ZincPane\Core\Access\GalleryLock;

/**
 * Lets visitors into locked galleries who know the password: what they are given is signed, runs out, and is void once
 * the password is another one. No session is begun.
 */
final readonly class Opening
{
    /** Of the cookie; the web server knows it too. */
    public const COOKIE = 'zinc_pane_open';

    /** Galleries that one visitor has open at once. */
    private const MOST = 20;

    public function __construct(private Repository $config, private Hasher $hasher)
    {
    }

    /**
     * @param  mixed  $cookie  from outside: that the visitor has already
     * @return ?string the cookie that opens it too; null where the password is not the one
     */
    public function open(?Gallery $gallery, string $password, mixed $cookie): ?string
    {
        $given = mb_substr($password, 0, GalleryLock::LONGEST);
        if ($gallery?->lock_hash === null) {
            // Takes as long as looking: nobody learns which galleries are locked.
            $this->hasher->make($given);

            return null;
        }
        if (! $this->hasher->check($given, $gallery->lock_hash)) {
            return null;
        }
        $until = Carbon::now()->addHours($gallery->lock_hours ?? GalleryLock::HOURS)->getTimestamp();
        $others = array_filter($this->read($cookie), static fn (array $one): bool => $one[0] !== $gallery->id);
        $all = array_slice([...array_values($others), [$gallery->id, $until, $this->sign($gallery, $until)]], -self::MOST);

        return implode('~', array_map(static fn (array $one): string => implode('.', $one), $all));
    }

    /**
     * @param  mixed  $cookie  from outside
     * @return list<string> galleries that it opens now
     */
    public function opened(mixed $cookie): array
    {
        $told = $this->read($cookie);
        $galleries = $told === [] ? [] : Gallery::query()->whereIn('id', array_column($told, 0))->whereNotNull('lock_hash')->get()->keyBy('id')->all();
        $opened = [];
        foreach ($told as [$id, $until, $sign]) {
            if (isset($galleries[$id]) && (int) $until > Carbon::now()->getTimestamp() && hash_equals($this->sign($galleries[$id], (int) $until), $sign)) {
                $opened[] = $id;
            }
        }

        return $opened;
    }

    /** Seconds until the last of what it opens is shut again, for whoever keeps it. */
    public function seconds(string $cookie): int
    {
        return max(0, ...array_map(static fn (array $one): int => (int) $one[1] - Carbon::now()->getTimestamp(), $this->read($cookie)));
    }

    private function sign(Gallery $gallery, int $until): string
    {
        return hash_hmac('sha256', "open|{$gallery->id}|{$gallery->lock_hash}|{$until}", $this->config->string('app.key'));
    }

    /**
     * @return list<array{string, string|int, string}>
     */
    private function read(mixed $cookie): array
    {
        $told = [];
        foreach (is_string($cookie) ? array_slice(explode('~', $cookie), 0, self::MOST) : [] as $one) {
            if (preg_match('/^([0-9a-z]{26})\.(\d{1,12})\.([0-9a-f]{64})$/D', $one, $found) === 1) {
                $told[] = [$found[1], $found[2], $found[3]];
            }
        }

        return $told;
    }
}
