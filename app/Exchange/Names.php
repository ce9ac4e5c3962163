<?php

declare(strict_types=1);

namespace App\Exchange;

/** Finds the file that an address in an index means, among those that came. Nothing is fetched from elsewhere. */
final readonly class Names
{
    /** @var array<string, list<string>> files by each end of their paths, in small letters */
    private array $byEnd;

    /**
     * @param  list<string>  $files  paths
     */
    public function __construct(array $files)
    {
        $byEnd = [];
        foreach ($files as $file) {
            $parts = explode('/', mb_strtolower($file));
            for ($from = 0; $from < count($parts); $from++) {
                $byEnd[implode('/', array_slice($parts, $from))][] = $file;
            }
        }
        $this->byEnd = $byEnd;
    }

    /**
     * By as much of the end of the address as tells one file from all others.
     *
     * @param  string  $folder  that the index lies in; empty for the top
     * @return ?string null where it means none of them, or it cannot be told which
     */
    public function of(string $address, string $folder): ?string
    {
        $path = rawurldecode((string) preg_replace('~[?#].*$~', '', preg_replace('~^[a-z][a-z0-9+.-]*://[^/]*~i', '', trim($address)) ?? ''));
        $isRelative = preg_match('~^(?:[a-z][a-z0-9+.-]*:)?/~i', trim($address)) !== 1;
        $parts = self::parts($isRelative && $folder !== '' ? "{$folder}/{$path}" : $path);
        for ($from = 0; $from < count($parts); $from++) {
            $found = $this->byEnd[mb_strtolower(implode('/', array_slice($parts, $from)))] ?? [];
            if (count($found) === 1) {
                return $found[0];
            }
        }

        return null;
    }

    /**
     * @return list<string> without "." and what ".." takes back
     */
    private static function parts(string $path): array
    {
        $parts = [];
        foreach (explode('/', str_replace('\\', '/', $path)) as $part) {
            match (true) {
                $part === '' || $part === '.' => null,
                $part === '..' => array_pop($parts),
                default => $parts[] = $part,
            };
        }

        return $parts;
    }
}
