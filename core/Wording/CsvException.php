<?php

declare(strict_types=1);

namespace ZincPane\Core\Wording;

use UnexpectedValueException;
use ZincPane\Core\Foreign;

/** A row of a table that cannot be read. */
final class CsvException extends UnexpectedValueException
{
    public static function noSuchPicture(string $given): self
    {
        return new self(Foreign::shown($given).' is no picture of this gallery.');
    }

    public static function severalPictures(string $given, int $count): self
    {
        return new self("{$count} pictures of this gallery come from a file called ".Foreign::shown($given).'. Use the column “item” to tell them apart.');
    }

    public static function twice(string $id): self
    {
        return new self(Foreign::shown($id).' has a row already; only the first was read.');
    }

    public static function tooManyCells(int $given, int $columns): self
    {
        return new self("It has {$given} cells, but there are {$columns} columns. Is a quotation mark or a separator missing?");
    }

    public static function neitherYesNorNo(string $given): self
    {
        return new self('decorative takes yes, no or nothing, got '.Foreign::shown($given).'.');
    }
}
