<?php

declare(strict_types=1);

namespace ZincPane\Core\Wording;

/** The text of a CSV file, whatever a spreadsheet wrote it in: in UTF-8, with lines that end as ours do. */
final readonly class CsvText
{
    private const MARKS = ["\xEF\xBB\xBF" => 'UTF-8', "\xFF\xFE" => 'UTF-16LE', "\xFE\xFF" => 'UTF-16BE'];

    private const NAMES = ['UTF-8' => 'UTF-8', 'UTF-16LE' => 'UTF-16', 'UTF-16BE' => 'UTF-16', 'Windows-1252' => 'Windows-1252'];

    private const SEPARATORS = [',' => 'commas', ';' => 'semicolons', "\t" => 'tabs'];

    /** Bytes that are looked at where no mark tells the encoding. */
    private const LOOKED_AT = 4000;

    /**
     * @param  string  $encoding  that it was read as, in words
     * @param  string  $separator  between cells
     * @param  int  $line  of the file, from 1, that its first line is
     */
    private function __construct(public string $text, public string $encoding, public string $separator, public int $line)
    {
    }

    public static function read(string $bytes): self
    {
        [$encoding, $rest] = self::encoding($bytes);
        $text = $encoding === 'UTF-8' ? $rest : (string) mb_convert_encoding($rest, 'UTF-8', $encoding);
        $text = str_replace(["\r\n", "\r"], "\n", $text);
        // A line by which some spreadsheets tell each other the separator.
        $told = preg_match('/^"?sep=([,;\t])"?\n/i', $text, $found) === 1;
        $text = $told ? substr($text, strlen($found[0])) : $text;

        return new self($text, self::NAMES[$encoding], $told ? $found[1] : self::separatorOf($text), $told ? 2 : 1);
    }

    /** "UTF-16, separated by tabs". */
    public function says(): string
    {
        return "{$this->encoding}, separated by ".self::SEPARATORS[$this->separator];
    }

    /**
     * @return array{string, string} and what is left without its mark
     */
    private static function encoding(string $bytes): array
    {
        foreach (self::MARKS as $mark => $encoding) {
            if (str_starts_with($bytes, $mark)) {
                return [$encoding, substr($bytes, strlen($mark))];
            }
        }
        $start = substr($bytes, 0, self::LOOKED_AT);
        $half = max(1, intdiv(strlen($start), 2));
        $odd = $even = 0;
        for ($i = 0; $i < strlen($start); $i++) {
            if ($start[$i] === "\0") {
                $i % 2 === 1 ? $odd++ : $even++;
            }
        }

        return [match (true) {
            // Letters of most languages have a zero beside them there; text has none otherwise.
            $odd > $half / 3 && $even < $odd => 'UTF-16LE',
            $even > $half / 3 => 'UTF-16BE',
            mb_check_encoding($bytes, 'UTF-8') => 'UTF-8',
            default => 'Windows-1252',
        }, $bytes];
    }

    /** Commas, or semicolons as spreadsheets have them where the comma is in numbers, or tabs. */
    private static function separatorOf(string $text): string
    {
        $first = strstr($text, "\n", true);
        $first = $first === false ? $text : $first;
        $counts = array_map(static fn (string $separator): int => substr_count($first, $separator), array_combine(array_keys(self::SEPARATORS), array_keys(self::SEPARATORS)));
        arsort($counts);

        return (string) array_key_first($counts);
    }
}
