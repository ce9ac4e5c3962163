<?php

declare(strict_types=1);

namespace App\Exchange\Readers;

use App\Exchange\Draft;
use App\Exchange\DraftPicture;
use App\Exchange\Names;
use ZincPane\Core\Formats\FormatException;
use ZincPane\Core\Gallery\About;
use ZincPane\Core\Gallery\WordField;

/** Gathers the pictures that an index names, each once, and those that did not come. */
final class Found
{
    /** @var array<string, DraftPicture> by file */
    private array $pictures = [];

    /** @var array<string, true> */
    private array $absent = [];

    private int $count = 0;

    public function __construct(private readonly Names $names, private readonly string $folder)
    {
    }

    /**
     * @param  string  $address  as the index has it
     * @param  array<string, string>  $words  by field, as they were found
     *
     * @throws FormatException when there are too many
     */
    public function add(string $address, array $words): void
    {
        if (++$this->count > Reader::MOST) {
            throw FormatException::tooMany('pictures', $this->count, Reader::MOST);
        }
        $file = $this->names->of($address, $this->folder);
        if ($file === null) {
            $this->absent[mb_substr(mb_scrub($address, 'UTF-8'), 0, 200)] = true;

            return;
        }
        $this->pictures[$file] ??= new DraftPicture($file, self::fitting($words));
    }

    public function isEmpty(): bool
    {
        return $this->pictures === [] && $this->absent === [];
    }

    public function draft(string $from, string $title, string $description = ''): Draft
    {
        $named = self::line($title, About::LONGEST_TITLE);

        return new Draft($from, $named, trim(mb_substr(mb_scrub($description, 'UTF-8'), 0, About::LONGEST_DESCRIPTION)), array_values($this->pictures), array_map(strval(...), array_keys($this->absent)));
    }

    /**
     * As long as a word may be; what is longer is cut at a word.
     *
     * @param  array<string, string>  $words
     * @return array<string, string>
     */
    private static function fitting(array $words): array
    {
        $fitting = [];
        foreach (WordField::cases() as $field) {
            $text = self::line($words[$field->value] ?? '', $field->longest());
            if ($text !== '') {
                $fitting[$field->value] = $text;
            }
        }
        // An address that is none would refuse all of them.
        if (isset($fitting['link']) && preg_match('~^https?://~i', $fitting['link']) !== 1) {
            unset($fitting['link']);
        }

        return $fitting;
    }

    private static function line(string $text, int $longest): string
    {
        $line = trim((string) preg_replace('/\s+/u', ' ', mb_scrub($text, 'UTF-8')));

        return mb_strlen($line) <= $longest ? $line : rtrim(mb_substr($line, 0, $longest - 1)).'…';
    }
}
