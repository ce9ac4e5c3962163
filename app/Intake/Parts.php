<?php

declare(strict_types=1);

namespace App\Intake;

use App\Models\Upload;
use Illuminate\Contracts\Filesystem\Factory;

/** Files on their way in, in parts: a part counts once it is written whole. */
final readonly class Parts
{
    /** Days after which a file that was never finished is thrown away. */
    private const KEPT_DAYS = 2;

    private const CHUNK = 1 << 18;

    public function __construct(private Factory $disks)
    {
    }

    public function path(Upload $upload): string
    {
        return $this->disks->disk('parts')->path($upload->id);
    }

    /** Bytes that have arrived. */
    public function received(Upload $upload): int
    {
        clearstatcache();

        // Of one that has come to its end, all have, though the file is no longer here.
        return match (true) {
            $upload->outcome !== null => $upload->bytes,
            is_file($this->path($upload)) => (int) filesize($this->path($upload)),
            default => 0,
        };
    }

    /**
     * @param  resource  $body
     * @return int bytes that have arrived by now
     *
     * @throws PartException when the part does not begin where the last one ended, or goes beyond the end
     */
    public function append(Upload $upload, int $offset, $body): int
    {
        $this->disks->disk('parts')->makeDirectory('');
        $file = fopen($this->path($upload), 'c+b') ?: throw PartException::notWritable($upload->name);
        try {
            flock($file, LOCK_EX);
            $there = fseek($file, 0, SEEK_END) === 0 ? (int) ftell($file) : 0;
            if ($offset !== $there) {
                throw PartException::wrongPlace($offset, $there);
            }
            while (! feof($body)) {
                $there += (int) fwrite($file, (string) fread($body, self::CHUNK));
                if ($there > $upload->bytes) {
                    ftruncate($file, max(0, $offset));
                    throw PartException::beyondEnd($upload->name, $upload->bytes);
                }
            }

            return $there;
        } finally {
            fclose($file);
        }
    }

    /**
     * Does a piece of work on a file while nobody else does.
     *
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    public function locked(Upload $upload, callable $work): mixed
    {
        $this->disks->disk('parts')->makeDirectory('');
        $path = $this->path($upload).'.lock';
        $lock = fopen($path, 'c') ?: throw PartException::notWritable($upload->name);
        try {
            flock($lock, LOCK_EX);

            return $work();
        } finally {
            @unlink($path);
            fclose($lock);
        }
    }

    public function forgetFile(Upload $upload): void
    {
        $this->disks->disk('parts')->delete($upload->id);
    }

    public function forget(Upload $upload): void
    {
        $this->forgetFile($upload);
        $upload->delete();
    }

    /** Throws away what was begun or finished days ago. */
    public function sweep(): void
    {
        Upload::query()->where('updated_at', '<', now()->subDays(self::KEPT_DAYS))->get()->each(fn (Upload $upload) => $this->forget($upload));
    }
}
