<?php

declare(strict_types=1);

namespace App\Intake;

use Illuminate\Config\Repository;

/** The files in a ZIP, one after the other, each read as a stream into a file of its own. */
final readonly class ZipBatch
{
    public function __construct(private Repository $config)
    {
    }

    /**
     * @throws IntakeException when it is no ZIP that can be opened, or has too many entries
     */
    public function count(string $path, string $name): int
    {
        $zip = ZipEntries::open($path, $name, $this->config);
        $count = count($zip->names());
        $zip->close();

        return $count;
    }

    /**
     * @param  callable(string $name, ?string $path, ?IntakeException $refused): void  $each  called for every file, with the path of its contents or why it was refused
     * @param  int  $done  how many were called for before; those are gone over
     *
     * @throws IntakeException when it is no ZIP that can be opened, or has too many entries
     */
    public function walk(string $path, string $name, callable $each, int $done = 0): void
    {
        $zip = ZipEntries::open($path, $name, $this->config);
        // Beside the ZIP, where there was room for it.
        $target = $path.'.'.bin2hex(random_bytes(8));
        try {
            foreach (array_slice(self::inTurn($zip->names()), $done, null, true) as $i => $entry) {
                try {
                    $zip->unpack($i, $target);
                    $each($entry, $target, null);
                } catch (IntakeException $exception) {
                    $each($entry, null, $exception);
                }
            }
        } finally {
            $zip->close();
            is_file($target) && unlink($target);
        }
    }

    /**
     * The words of videos come after the videos they go with.
     *
     * @param  array<int, string>  $names  by index
     * @return array<int, string>
     */
    private static function inTurn(array $names): array
    {
        $words = array_filter($names, FileType::WebVtt->fits(...));

        return array_diff_key($names, $words) + $words;
    }
}
