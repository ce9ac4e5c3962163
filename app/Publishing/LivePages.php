<?php

declare(strict_types=1);

namespace App\Publishing;

use ZincPane\Core\Markup\LockedParts;

/** Pages that are live, as one visitor gets them. */
final readonly class LivePages
{
    public function __construct(private LiveFiles $files)
    {
    }

    /**
     * A page of which that visitor sees more than everybody does; null where there is nothing more.
     *
     * @param  string  $path  in a build
     * @param  list<string>  $opened  galleries that the visitor has the password of
     */
    public function opened(string $path, array $opened): ?string
    {
        $page = $opened === [] ? null : $this->kept($path);
        $seen = $page === null || ! LockedParts::has($page) ? null : LockedParts::for($page, $opened);

        return $page === null || $seen === LockedParts::for($page, []) ? null : $seen;
    }

    /** A page that nobody is given who was not asked; null where there is none. */
    public function kept(string $path): ?string
    {
        $file = $this->files->find(LiveFiles::GUARDED."/{$path}");

        return $file === null ? null : (string) file_get_contents($file);
    }
}
