<?php

declare(strict_types=1);

namespace ZincPane\Core\Design;

use JsonException;
use ZincPane\Core\Design\Upgrades\Upgrades;
use ZincPane\Core\Settings\SettingException;

/** A finish as a file, for another installation: JSON (RFC 8259). A picture on the ground stays where it is stored. */
final class FinishFile
{
    private const PROGRAM = 'Zinc Pane';

    private const KIND = 'finish';

    /** Most bytes of a file; a finish takes three thousand. */
    public const LONGEST = 65_536;

    public static function write(NamedFinish $finish): string
    {
        $shown = array_replace_recursive($finish->finish, ['ground' => ['picture' => '']]);

        return json_encode(
            ['program' => self::PROGRAM, 'kind' => self::KIND, 'schema' => GalleryDesign::SCHEMA, 'name' => $finish->name, 'finish' => $shown],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        )."\n";
    }

    /**
     * @param  string  $key  that it gets here
     *
     * @throws FinishFileException when it is none of ours
     * @throws SettingException when a setting in it is unknown or out of its range
     */
    public static function read(string $contents, string $key): NamedFinish
    {
        if (strlen($contents) > self::LONGEST) {
            throw FinishFileException::tooLarge(strlen($contents), self::LONGEST);
        }
        try {
            $file = json_decode($contents, true, 16, JSON_THROW_ON_ERROR);
        } catch (JsonException $previous) {
            throw FinishFileException::notJson($previous);
        }
        if (! is_array($file) || ($file['program'] ?? null) !== self::PROGRAM || ($file['kind'] ?? null) !== self::KIND) {
            throw FinishFileException::otherProgram(is_array($file) ? $file['program'] ?? null : null);
        }
        $schema = $file['schema'] ?? null;
        if (! is_int($schema) || $schema > GalleryDesign::SCHEMA) {
            throw FinishFileException::newer($schema, GalleryDesign::SCHEMA);
        }
        $design = Upgrades::all()->design(['schema' => $schema, 'finish' => $file['finish'] ?? []]);
        $finish = $design['finish'] ?? [];
        if (! is_array($finish)) {
            throw SettingException::notAGroup('design.finish', $finish);
        }
        $name = $file['name'] ?? '';

        // An identifier of another store means nothing here.
        return NamedFinish::of($key, is_string($name) ? $name : '', [...$finish, 'ground' => is_array($finish['ground'] ?? null) ? [...$finish['ground'], 'picture' => ''] : []]);
    }
}
