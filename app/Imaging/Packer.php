<?php

declare(strict_types=1);

namespace App\Imaging;

use Symfony\Component\Process\ExecutableFinder;

/** Packs files beforehand, beside themselves, so that a web server sends them small without any work. */
final readonly class Packer
{
    /** Bytes below which it does not pay. */
    private const SMALL = 512;

    private const ENDINGS = ['html', 'css', 'js', 'json'];

    /** Of what is packed once and sent often. */
    private const GZIP_LEVEL = 9;

    private const BROTLI_LEVEL = '9';

    /** Files that one process of brotli is given. */
    private const AT_ONCE = 200;

    public function __construct(private Tools $tools)
    {
    }

    /**
     * @param  list<string>  $paths
     *
     * @throws ImagingException when they cannot be written
     */
    public function pack(array $paths): void
    {
        $packed = array_values(array_filter($paths, static fn (string $path): bool => in_array(pathinfo($path, PATHINFO_EXTENSION), self::ENDINGS, true) && filesize($path) >= self::SMALL));
        foreach ($packed as $path) {
            file_put_contents("{$path}.gz", (string) gzencode((string) file_get_contents($path), self::GZIP_LEVEL));
        }
        if ((new ExecutableFinder)->find('brotli') !== null) {
            foreach (array_chunk($packed, self::AT_ONCE) as $some) {
                $this->tools->run('brotli', ['-q', self::BROTLI_LEVEL, '-f', '-k', '--', ...$some]);
            }
        }
    }

    /**
     * Takes a file over as it is, packed ones with it, where its contents are the same.
     *
     * @return bool whether it could be
     */
    public function linked(string $before, string $target, string $contents): bool
    {
        if (! is_file($before) || filesize($before) !== strlen($contents) || file_get_contents($before) !== $contents || ! @link($before, $target)) {
            return false;
        }
        foreach (['gz', 'br'] as $ending) {
            is_file("{$before}.{$ending}") && link("{$before}.{$ending}", "{$target}.{$ending}");
        }

        return true;
    }
}
