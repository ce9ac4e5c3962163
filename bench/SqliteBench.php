<?php

declare(strict_types=1);

namespace Bench;

use PDO;
use Symfony\Component\Process\Process;

/** What the database bears: processes that write a change each, as fast as they can, beside others that read galleries. */
final class SqliteBench
{
    private const SECONDS = 3;

    /** A change as the studio writes one: a gallery, an act of the journal. */
    private const WRITE = '$p->exec("BEGIN IMMEDIATE"); $p->exec("UPDATE g SET v = v + 1, d = \'".str_repeat("x", 2000)."\' WHERE id = ".random_int(1, 50)); $p->exec("INSERT INTO j (g, c) VALUES (1, \'".str_repeat("y", 1500)."\')"); $p->exec("COMMIT");';

    private const READ = '$p->query("SELECT * FROM j WHERE g = 1 ORDER BY id DESC LIMIT 200")->fetchAll();';

    /**
     * @param  int  $entries  of the journal that are there already
     * @return array<string, int|float>
     */
    public static function run(string $folder, int $writers, int $readers, int $entries): array
    {
        $path = "{$folder}/bears-{$writers}-{$readers}-{$entries}.sqlite";
        $pdo = new PDO("sqlite:{$path}");
        $pdo->exec('PRAGMA journal_mode = WAL; CREATE TABLE g (id INTEGER PRIMARY KEY, v INTEGER DEFAULT 0, d TEXT); CREATE TABLE j (id INTEGER PRIMARY KEY, g INTEGER, c TEXT); CREATE INDEX jg ON j (g, id)');
        $pdo->exec('WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < 50) INSERT INTO g (id) SELECT i FROM n');
        $pdo->exec("WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < {$entries}) INSERT INTO j (g, c) SELECT 1 + i % 50, hex(randomblob(700)) FROM n");
        $begun = array_map(static fn (string $act): Process => self::begun($path, $act), [...array_fill(0, $writers, self::WRITE), ...array_fill(0, $readers, self::READ)]);
        $told = array_map(static function (Process $process): array {
            $process->wait();

            return (array) json_decode($process->getOutput(), true);
        }, $begun);
        $writes = array_slice($told, 0, $writers);
        $reads = array_slice($told, $writers);

        return [
            'writers' => $writers, 'readers' => $readers, 'entries' => $entries, 'megabytes' => round((int) filesize($path) / 1024 ** 2, 1),
            'changes_per_second' => round(array_sum(array_column($writes, 'n')) / self::SECONDS), 'change_p95_ms' => round(max([0, ...array_filter(array_column($writes, 'p95'), is_float(...))]), 1),
            'reads_per_second' => round(array_sum(array_column($reads, 'n')) / self::SECONDS), 'failed' => array_sum(array_column($told, 'failed')),
        ];
    }

    private static function begun(string $path, string $act): Process
    {
        $code = '$p = new PDO("sqlite:".$argv[1], options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]); $p->exec("PRAGMA busy_timeout = 15000; PRAGMA synchronous = NORMAL; PRAGMA mmap_size = 268435456");'
            .'$t = []; $f = 0; $end = hrtime(true) + '.self::SECONDS.'e9; while (hrtime(true) < $end) { $b = hrtime(true); try { '.$act.' } catch (PDOException) { $f++; } $t[] = (hrtime(true) - $b) / 1e6; }'
            .'sort($t); echo json_encode(["n" => count($t), "p95" => $t[(int) (count($t) * 0.95)], "failed" => $f]);';
        $process = new Process(['php', '-r', $code, '--', $path]);
        $process->start();

        return $process;
    }
}
