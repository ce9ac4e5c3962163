<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Exchange\Readers\CsvList;
use App\Exchange\Readers\FeedFile;
use App\Exchange\Readers\GalleryJson;
use App\Exchange\Readers\HtmlIndex;
use App\Exchange\Readers\IiifManifest;
use App\Exchange\Readers\Reader;
use App\Intake\IntakeException;
use ZincPane\Core\Formats\FormatException;

/** Finds the index among files that came together, and what gallery it tells of. */
final class Understand
{
    private const PICTURES = '/'.Reader::ENDING.'$/i';

    /** The surest first. */
    private const READERS = [GalleryJson::class, IiifManifest::class, CsvList::class, FeedFile::class, HtmlIndex::class];

    /**
     * @param  string  $called  how the whole is called, for a gallery whose index gives it no name
     *
     * @throws ExchangeException when the index cannot be read, or nothing came that a gallery could be made of
     */
    public static function of(Archive $archive, string $called): Draft
    {
        $files = array_values(array_filter($archive->names(), static fn (string $name): bool => ! str_starts_with(basename($name), '.')));
        $pictures = array_values(array_filter($files, static fn (string $name): bool => preg_match(self::PICTURES, $name) === 1));
        $names = new Names($pictures);
        foreach (self::READERS as $reader) {
            $draft = self::read(new $reader, $archive, $files, $names);
            if ($draft !== null) {
                return self::whole($draft, $pictures, $called);
            }
        }
        if ($pictures === []) {
            throw ExchangeException::nothing($called);
        }
        natcasesort($pictures);

        $inTurn = array_values($pictures);

        return self::whole(new Draft('files without an index', '', '', array_map(static fn (string $file): DraftPicture => new DraftPicture($file, []), $inTurn), []), $inTurn, $called);
    }

    /**
     * @param  list<string>  $files
     */
    private static function read(Reader $reader, Archive $archive, array $files, Names $names): ?Draft
    {
        // What lies nearest to the top is the index of all of it.
        $may = array_filter($files, $reader->mayRead(...));
        usort($may, static fn (string $one, string $other): int => [substr_count($one, '/'), ! str_starts_with(basename($one), 'index'), $one] <=> [substr_count($other, '/'), ! str_starts_with(basename($other), 'index'), $other]);
        foreach ($may as $name) {
            try {
                $draft = $reader->read($archive->text($name, Reader::LARGEST), dirname($name) === '.' ? '' : dirname($name), $names);
            } catch (FormatException|IntakeException $exception) {
                throw ExchangeException::unreadable($name, $exception);
            }
            if ($draft !== null) {
                return $draft;
            }
        }

        return null;
    }

    /**
     * @param  list<string>  $pictures
     */
    private static function whole(Draft $draft, array $pictures, string $called): Draft
    {
        $named = array_map(static fn (DraftPicture $picture): string => $picture->file, $draft->pictures);
        $title = $draft->title !== '' ? $draft->title : (trim(pathinfo($called, PATHINFO_FILENAME)) !== '' ? pathinfo($called, PATHINFO_FILENAME) : 'Brought in');

        return (new Draft($draft->from, $title, $draft->description, $draft->pictures, $draft->absent, [], $draft->file))->leaving(array_values(array_diff($pictures, $named)));
    }
}
