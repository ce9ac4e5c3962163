<?php

declare(strict_types=1);

namespace App\Exchange\Readers;

use App\Exchange\Draft;
use App\Exchange\DraftPicture;
use App\Exchange\Names;
use JsonException;
use ZincPane\Core\Formats\FormatException;
use ZincPane\Core\Formats\GalleryFile;
use ZincPane\Core\Formats\PictureEntry;

/** A gallery of another installation, or of this one. */
final class GalleryJson implements Reader
{
    /** Levels of JSON, one in another. */
    public const DEEPEST = 32;

    public function mayRead(string $name): bool
    {
        return basename($name) === GalleryFile::NAME;
    }

    public function read(string $text, string $folder, Names $names): Draft
    {
        $file = GalleryFile::parse(self::json($text));
        $there = static fn (PictureEntry $picture): ?string => $names->of($picture->file, $folder);
        $pictures = $absent = [];
        foreach ($file->pictures as $picture) {
            $name = $there($picture);
            $name === null ? $absent[] = "{$picture->name} ({$picture->file})" : $pictures[] = new DraftPicture($name, $picture->words->toArray());
        }

        return new Draft('a gallery of this program', $file->about->title, $file->about->description, $pictures, $absent, [], $file);
    }

    /**
     * @throws FormatException when it is none, or too deep
     */
    public static function json(string $text): mixed
    {
        try {
            return json_decode($text, true, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (JsonException $exception) {
            throw FormatException::at('', "is no JSON that can be read: {$exception->getMessage()}.");
        }
    }
}
