<?php

declare(strict_types=1);

namespace App\Publishing;

use Closure;
use Illuminate\Contracts\Filesystem\Factory;
use Illuminate\Filesystem\FilesystemAdapter;
use Symfony\Component\Lock\LockFactory;
use Symfony\Component\Lock\LockInterface;
use Symfony\Component\Lock\Store\FlockStore;

/** Lets one process at a time write what is live. The system itself lets go of it for a process that was killed. */
final readonly class LiveLock
{
    /** Seconds one waits for another. */
    private const LONGEST = 120;

    /** Microseconds between two tries. */
    private const AGAIN = 100_000;

    public function __construct(private Factory $disks)
    {
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $work
     *
     * @param-immediately-invoked-callable $work
     *
     * @return T
     *
     * @throws BusyException when another is at it for too long
     */
    public function during(Closure $work): mixed
    {
        $lock = $this->lock();
        $until = hrtime(true) + self::LONGEST * 1_000_000_000;
        while (! $lock->acquire()) {
            if (hrtime(true) > $until) {
                throw BusyException::after(self::LONGEST);
            }
            usleep(self::AGAIN);
        }
        try {
            return $work();
        } finally {
            $lock->release();
        }
    }

    /**
     * Does nothing where another is at it: that one will see to it.
     *
     * @param  Closure(): void  $work
     */
    public function ifFree(Closure $work): void
    {
        $lock = $this->lock();
        if (! $lock->acquire()) {
            return;
        }
        try {
            $work();
        } finally {
            $lock->release();
        }
    }

    private function lock(): LockInterface
    {
        /** @var FilesystemAdapter $disk */
        $disk = $this->disks->disk('live');
        $folder = dirname(rtrim($disk->path(''), '/'));
        if (! is_dir($folder)) {
            mkdir($folder, 0775, true);
        }

        return (new LockFactory(new FlockStore($folder)))->createLock('put-live', null);
    }
}
