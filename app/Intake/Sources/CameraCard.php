<?php

declare(strict_types=1);

namespace App\Intake\Sources;

use App\Intake\Provenance;
use App\Models\Picture;
use Illuminate\Database\Connection;

/** A folder that stands in for the memory card of a camera. */
final readonly class CameraCard implements Source
{
    private const ENDINGS = ['jpg', 'jpeg', 'png', 'webp', 'heic', 'heif', 'avif', 'gif', 'mp4', 'webm'];

    public function __construct(private string $folder, private Connection $database)
    {
    }

    public function name(): string
    {
        return 'card';
    }

    public function label(): string
    {
        return 'camera card';
    }

    public function facets(): SourceFacets
    {
        return new SourceFacets(byNew: true);
    }

    public function find(SourceQuery $query): array
    {
        return array_values(array_filter($this->files(), static fn (SourceFile $file): bool => ! $query->onlyNew || $file->isNew));
    }

    public function get(string $id): SourceFile
    {
        foreach ($this->files() as $file) {
            if ($file->id === $id) {
                return $file;
            }
        }
        throw SourceException::noSuchFile($this->label(), $id);
    }

    public function remember(): void
    {
        $rows = array_map(fn (string $hash): array => ['source' => $this->name(), 'hash' => $hash], $this->hashes());
        $this->database->table('source_files')->insertOrIgnore(array_values($rows));
    }

    /**
     * @return list<SourceFile> by name
     */
    private function files(): array
    {
        $hashes = $this->hashes();
        $seen = $this->database->table('source_files')->where('source', $this->name())->pluck('hash')->flip();
        $taken = Picture::query()->whereIn('hash', array_values($hashes))->pluck('hash')->flip();
        $files = [];
        foreach ($hashes as $name => $hash) {
            $files[] = new SourceFile(
                substr($hash, 0, 16), "{$this->folder}/{$name}", (string) $name, new Provenance($this->name()),
                isNew: ! $seen->has($hash) && ! $taken->has($hash), isTaken: $taken->has($hash),
            );
        }

        return $files;
    }

    /**
     * A file is read once, and again only when its size or time is another.
     *
     * @return array<string, string> hashes by name
     */
    private function hashes(): array
    {
        $known = $this->database->table('card_hashes')->get()->keyBy('path');
        $hashes = $fresh = [];
        foreach (scandir($this->folder) ?: [] as $name) {
            $path = "{$this->folder}/{$name}";
            if (! in_array(strtolower(pathinfo($name, PATHINFO_EXTENSION)), self::ENDINGS, true) || ! is_file($path) || is_link($path)) {
                continue;
            }
            $mark = filesize($path).' '.filemtime($path);
            /** @var (\stdClass&object{mark: string, hash: string})|null $before */
            $before = $known->get($path);
            $hashes[$name] = $before !== null && $before->mark === $mark ? $before->hash : (string) hash_file('sha256', $path);
            if ($before === null || $before->mark !== $mark) {
                $fresh[] = ['path' => $path, 'mark' => $mark, 'hash' => $hashes[$name]];
            }
        }
        if ($fresh !== []) {
            $this->database->table('card_hashes')->upsert($fresh, ['path']);
        }

        return $hashes;
    }
}
