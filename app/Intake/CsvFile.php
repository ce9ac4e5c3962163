<?php

declare(strict_types=1);

namespace App\Intake;

use RuntimeException;
use ZincPane\Core\Wording\CsvText;

/** The rows of a CSV file (RFC 4180). */
final class CsvFile
{
    /**
     * @return array<int, list<string>> by the line they begin at, from 1
     */
    public static function rows(CsvText $csv): array
    {
        $file = fopen('php://memory', 'r+b') ?: throw new RuntimeException('There is no memory for a temporary file.');
        fwrite($file, $csv->text);
        rewind($file);
        $rows = [];
        $line = $csv->line;
        $at = 0;
        while (($cells = fgetcsv($file, null, $csv->separator, '"', '')) !== false) {
            $rows[$line] = array_map(strval(...), $cells);
            $end = (int) ftell($file);
            // Cells may go over several lines.
            $line += substr_count($csv->text, "\n", $at, max(0, $end - $at));
            $at = $end;
        }

        return $rows;
    }
}
