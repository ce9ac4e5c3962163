<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Intake\IntakeException;
use App\Intake\ZipEntries;
use Illuminate\Config\Repository;

/** The files of a ZIP; each lies on the disk for as long as it is looked at. */
final class ZipFiles implements Archive
{
    /** @var array<string, int> index by name */
    private array $index = [];

    private function __construct(private readonly ZipEntries $zip, private readonly string $beside)
    {
        foreach ($zip->names() as $index => $name) {
            $this->index[str_replace('\\', '/', $name)] ??= $index;
        }
    }

    /**
     * @throws IntakeException when it is no ZIP that can be opened, or has too many entries
     */
    public static function open(string $path, string $name, Repository $config): self
    {
        return new self(ZipEntries::open($path, $name, $config), $path.'.'.bin2hex(random_bytes(8)));
    }

    public function names(): array
    {
        return array_map(strval(...), array_keys($this->index));
    }

    public function text(string $name, int $most): string
    {
        return $this->unpacked($name, static fn (string $path): string => (string) file_get_contents($path), $most);
    }

    public function with(string $name, callable $work): mixed
    {
        return $this->unpacked($name, $work, null);
    }

    /**
     * @template T
     *
     * @param  callable(string): T  $work
     * @return T
     *
     * @throws IntakeException
     */
    private function unpacked(string $name, callable $work, ?int $most): mixed
    {
        try {
            $this->zip->unpack($this->index[$name] ?? throw IntakeException::damaged($name), $this->beside, $most);

            return $work($this->beside);
        } finally {
            is_file($this->beside) && unlink($this->beside);
        }
    }
}
