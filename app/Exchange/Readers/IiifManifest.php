<?php

declare(strict_types=1);

namespace App\Exchange\Readers;

use App\Exchange\Draft;
use App\Exchange\Names;
use ZincPane\Core\Formats\FormatException;
use ZincPane\Core\Formats\GalleryFile;

/** A IIIF manifest, of version 2 or 3 (https://iiif.io/api/presentation/). */
final class IiifManifest implements Reader
{
    /** Levels of JSON, one in another. */
    private const DEEPEST = 64;

    public function mayRead(string $name): bool
    {
        return strtolower(pathinfo($name, PATHINFO_EXTENSION)) === 'json' && basename($name) !== GalleryFile::NAME;
    }

    public function read(string $text, string $folder, Names $names): ?Draft
    {
        $data = json_decode($text, true, self::DEEPEST);
        if (! is_array($data) || ! str_contains(json_encode($data['@context'] ?? '') ?: '', 'iiif.io')) {
            return str_contains(substr($text, 0, 2000), 'iiif.io') ? throw FormatException::at('', 'is a manifest that is no JSON that can be read, or is built too deep.') : null;
        }
        $found = new Found($names, $folder);
        $isThird = ($data['type'] ?? null) === 'Manifest';
        foreach ($isThird ? self::list($data['items'] ?? null) : self::list(self::at($data, 'sequences', 0, 'canvases')) as $canvas) {
            $isThird ? self::third($canvas, $found) : self::second($canvas, $found);
        }

        return $found->isEmpty() ? null : $found->draft('a IIIF manifest', self::said($data['label'] ?? null), self::said($data['summary'] ?? $data['description'] ?? null));
    }

    /**
     * @param  array<array-key, mixed>  $canvas
     */
    private static function third(array $canvas, Found $found): void
    {
        $body = self::at($canvas, 'items', 0, 'items', 0, 'body');
        $body = is_array($body) && array_is_list($body) ? $body[0] ?? null : $body;
        $address = is_array($body) ? $body['id'] ?? null : null;
        if (! is_string($address)) {
            return;
        }
        $told = [];
        foreach (self::list($canvas['metadata'] ?? null) as $pair) {
            $told[mb_strtolower(self::said($pair['label'] ?? null))] = self::said($pair['value'] ?? null);
        }
        $found->add($address, [
            'title' => self::said($canvas['label'] ?? null), 'alt' => self::said($canvas['summary'] ?? null),
            'caption' => $told['caption'] ?? '', 'description' => $told['description'] ?? '', 'credit' => self::said(self::at($canvas, 'requiredStatement', 'value')),
        ]);
    }

    /**
     * @param  array<array-key, mixed>  $canvas
     */
    private static function second(array $canvas, Found $found): void
    {
        $address = self::at($canvas, 'images', 0, 'resource', '@id');
        if (is_string($address)) {
            $found->add($address, ['title' => self::said($canvas['label'] ?? null), 'caption' => self::said($canvas['description'] ?? null), 'credit' => self::said($canvas['attribution'] ?? null)]);
        }
    }

    /** What stands at a path of keys, null where the path leads nowhere. */
    private static function at(mixed $value, string|int ...$keys): mixed
    {
        foreach ($keys as $key) {
            $value = is_array($value) ? $value[$key] ?? null : null;
        }

        return $value;
    }

    /**
     * @return list<array<array-key, mixed>>
     */
    private static function list(mixed $value): array
    {
        return is_array($value) ? array_values(array_filter($value, is_array(...))) : [];
    }

    /** Text by language, in whichever comes first; marks are taken out. */
    private static function said(mixed $value): string
    {
        while (is_array($value)) {
            $value = $value['@value'] ?? (array_values($value)[0] ?? '');
        }

        return is_string($value) ? html_entity_decode(strip_tags($value), ENT_QUOTES | ENT_HTML5, 'UTF-8') : '';
    }
}
