<?php

declare(strict_types=1);

namespace ZincPane\Core\Wording;

use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\ItemWords;
use ZincPane\Core\Gallery\WordField;
use ZincPane\Core\Gallery\Words;

/** The words of a gallery in force, as the rows of a table, out and in. */
final class CsvRows
{
    /** The column that says which item a row is for. */
    private const ID = 'item';

    /** Read instead where there is no such column; it must tell the pictures apart. */
    private const FILE = 'file';

    private const DECORATIVE = 'decorative';

    /**
     * @param  list<array{id: string, file: string, words: Words}>  $items
     * @return list<list<string>> the first row names the columns
     */
    public static function out(array $items): array
    {
        $rows = [self::columns()];
        foreach ($items as ['id' => $id, 'file' => $file, 'words' => $words]) {
            $row = [$id, CsvCell::out($file)];
            foreach (WordField::cases() as $field) {
                $row[] = CsvCell::out($words->text($field));
            }
            $rows[] = [...$row, $words->decorative ? 'yes' : 'no'];
        }

        return $rows;
    }

    /**
     * Reads rows against the items there are: what differs becomes words, what cannot be is told
     * with its line, and the other rows count all the same.
     *
     * @param  array<int, list<string>>  $rows  by the line of the file they begin at, from 1; the first names the columns
     * @param  list<array{id: string, file: string, words: Words}>  $items
     * @return array{words: array<string, array<string, string|bool|null>>, problems: list<array{line: int, says: string}>} words by item
     */
    public static function in(array $rows, array $items): array
    {
        $line = array_key_first($rows);
        if ($line === null) {
            return ['words' => [], 'problems' => [['line' => 1, 'says' => 'The file is empty. The first line names the columns.']]];
        }
        $columns = array_map(static fn (string $name): string => mb_strtolower(trim($name)), $rows[$line]);
        unset($rows[$line]);
        if (! in_array(self::ID, $columns, true) && ! in_array(self::FILE, $columns, true)) {
            return ['words' => [], 'problems' => [['line' => $line, 'says' => 'No column is called “item” or “file”, so that no row tells which picture it is for.']]];
        }
        $unknown = array_values(array_filter($columns, static fn (string $name): bool => $name !== '' && ! in_array($name, self::columns(), true)));
        $problems = $unknown === [] ? [] : [['line' => $line, 'says' => 'Not read, for there is no such word: '.implode(', ', $unknown).'.']];
        $words = [];
        $places = ['id' => self::places($items, 'id'), 'file' => self::places($items, 'file')];
        foreach ($rows as $line => $cells) {
            if (implode('', $cells) === '') {
                continue;
            }
            try {
                [$id, $changed] = self::row($columns, $cells, $items, $places);
                if (isset($words[$id])) {
                    throw CsvException::twice($id);
                }
                if ($changed !== []) {
                    $words[$id] = $changed;
                }
            } catch (CsvException|ChangeException $exception) {
                $problems[] = ['line' => $line, 'says' => $exception->getMessage()];
            }
        }

        return ['words' => $words, 'problems' => $problems];
    }

    /**
     * @return list<string>
     */
    private static function columns(): array
    {
        return [self::ID, self::FILE, ...array_map(static fn (WordField $field): string => $field->value, WordField::cases()), self::DECORATIVE];
    }

    /**
     * @param  list<string>  $columns
     * @param  list<string>  $cells
     * @param  list<array{id: string, file: string, words: Words}>  $items
     * @param  array{id: array<string, list<int>>, file: array<string, list<int>>}  $places
     * @return array{string, array<string, string|bool|null>} the item, and the words that differ from its own
     *
     * @throws CsvException when the row fits no item, or has more cells than there are columns
     * @throws ChangeException when a word cannot be
     */
    private static function row(array $columns, array $cells, array $items, array $places): array
    {
        if (count($cells) > count($columns)) {
            throw CsvException::tooManyCells(count($cells), count($columns));
        }
        $given = [];
        foreach ($columns as $i => $column) {
            if ($column !== '' && isset($cells[$i])) {
                $given[$column] = CsvCell::in($cells[$i]);
            }
        }
        $item = $items[self::placeOf($given, $places)];
        $told = [];
        foreach (WordField::cases() as $field) {
            if (isset($given[$field->value])) {
                $told[$field->value] = $given[$field->value];
            }
        }
        $clean = array_intersect_key(ItemWords::parse($told)->toArray(), $told);
        $changed = array_filter($clean, static fn (mixed $text, string $field): bool => $text !== $item['words']->text(WordField::from($field)), ARRAY_FILTER_USE_BOTH);
        $decorative = self::flag($given[self::DECORATIVE] ?? '');
        if ($decorative !== null && $decorative !== $item['words']->decorative) {
            $changed[self::DECORATIVE] = $decorative;
        }

        return [$item['id'], $changed];
    }

    /**
     * @param  array<string, string>  $given
     * @param  array{id: array<string, list<int>>, file: array<string, list<int>>}  $places
     *
     * @throws CsvException when the row fits none, or several
     */
    private static function placeOf(array $given, array $places): int
    {
        $key = isset($given[self::ID]) && $given[self::ID] !== '' ? 'id' : 'file';
        $wanted = $given[$key === 'id' ? self::ID : self::FILE] ?? '';
        $fitting = $places[$key][$wanted] ?? [];

        return match (count($fitting)) {
            0 => throw CsvException::noSuchPicture($wanted),
            1 => $fitting[0],
            default => throw CsvException::severalPictures($wanted, count($fitting)),
        };
    }

    /**
     * @param  list<array{id: string, file: string, words: Words}>  $items
     * @param  'id'|'file'  $key
     * @return array<string, list<int>> places by what is under the key
     */
    private static function places(array $items, string $key): array
    {
        $places = [];
        foreach ($items as $place => $item) {
            $places[$item[$key]][] = $place;
        }

        return $places;
    }

    /**
     * @throws CsvException when it is neither yes nor no
     */
    private static function flag(string $cell): ?bool
    {
        return match (mb_strtolower(trim($cell))) {
            '' => null,
            'yes', 'y', 'true', '1', 'x' => true,
            'no', 'n', 'false', '0' => false,
            default => throw CsvException::neitherYesNorNo($cell),
        };
    }
}
