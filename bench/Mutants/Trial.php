<?php

declare(strict_types=1);

namespace Bench\Mutants;

use Illuminate\Filesystem\Filesystem;
use RuntimeException;
use SebastianBergmann\CodeCoverage\CodeCoverage;
use Symfony\Component\Finder\Finder;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/** A copy of the project in which mutants are tried; the project itself is never changed. */
final class Trial
{
    /** s that a mutant may take before it counts as noticed: it went round for ever. */
    private const PATIENCE = 120;

    /** What the tests of PHP need. */
    private const PARTS = ['app', 'artisan', 'bench', 'bootstrap', 'composer.json', 'config', 'core', 'database', 'deploy', 'docs', '.env', 'phpunit.xml', 'public', 'resources', 'routes', 'tests', 'vendor'];

    private string $copy;

    /** @var array<string, array<int, list<string>>> test files by file and line */
    private array $watched = [];

    /** @var array<string, int> how many mutants each test file noticed so far */
    private array $keen = [];

    public function __construct(private readonly string $root, private readonly string $suite)
    {
        $this->copy = sys_get_temp_dir()."/zinc-pane-mutants-{$suite}";
        (new Filesystem)->deleteDirectory($this->copy);
        mkdir($this->copy);
        $this->run(['cp', '-a', ...self::PARTS, $this->copy], $root);
        foreach (['app', 'logs', 'framework/cache', 'framework/sessions', 'framework/testing', 'framework/views'] as $folder) {
            (new Filesystem)->ensureDirectoryExists("{$this->copy}/storage/{$folder}");
        }
    }

    /**
     * Runs all tests of the suite once, and notes which test file comes along which line.
     *
     * @param  string  $folder  whose lines are asked for
     */
    public function watch(string $folder): void
    {
        $this->forgetCovers();
        $map = "{$this->copy}/storage/framework/testing/coverage.php";
        $this->run(['php', '-d', 'memory_limit=2G', '-d', 'pcov.enabled=1', "-dpcov.directory={$this->copy}/{$folder}", 'vendor/bin/pest', '--testsuite', $this->suite, '--coverage-filter', $folder, '--coverage-php', $map], $this->copy);
        /** @var CodeCoverage $coverage */
        $coverage = require $map;
        foreach ($coverage->getData()->lineCoverage() as $file => $lines) {
            /** @var array<int, ?list<string>> $lines */
            foreach ($lines as $line => $tests) {
                $files = array_map(static fn (string $test): string => preg_match('/^P\\\\(Tests\\\\[\w\\\\]+)::/', $test, $found) === 1 ? lcfirst(strtr($found[1], '\\', '/')).'.php' : '', $tests ?? []);
                $this->watched[substr($file, strlen($this->copy) + 1)][$line] = array_values(array_unique(array_filter($files, static fn (string $name): bool => $name !== '')));
            }
        }
    }

    /**
     * @return list<string> test files that come along this line; along its file where the line itself is not run, as a constant's
     */
    public function watchers(Mutant $mutant): array
    {
        $lines = $this->watched[substr($mutant->file, strlen($this->root) + 1)] ?? [];

        return $lines[$mutant->line] ?? array_values(array_unique(array_merge(...array_values($lines))));
    }

    /** Whether a test fails over it. */
    public function isNoticed(Mutant $mutant): bool
    {
        $watchers = $this->watchers($mutant);
        // Those that noticed most are asked first: it makes no difference but in time.
        usort($watchers, fn (string $one, string $other): int => ($this->keen[$other] ?? 0) <=> ($this->keen[$one] ?? 0));
        $broken = $this->copy.substr($mutant->file, strlen($this->root));
        $whole = (string) file_get_contents($broken);
        file_put_contents($broken, $mutant->code);
        try {
            foreach ($watchers as $test) {
                if ((new Process(['php', '-d', 'memory_limit=1G', 'vendor/bin/pest', '--bail', $test], $this->copy, timeout: self::PATIENCE))->run() !== 0) {
                    $this->keen[$test] = 1 + ($this->keen[$test] ?? 0);

                    return true;
                }
            }

            return false;
        } catch (ProcessTimedOutException) {
            return true;
        } finally {
            file_put_contents($broken, $whole);
        }
    }

    /** What a file of tests says to cover would hide all else that it comes along. */
    private function forgetCovers(): void
    {
        foreach (Finder::create()->files()->in("{$this->copy}/tests")->name('*Test.php') as $test) {
            file_put_contents($test->getPathname(), preg_replace('/^covers\(.*?\);$/ms', '', $test->getContents()));
        }
    }

    /**
     * @param  list<string>  $command
     */
    private function run(array $command, string $in): void
    {
        if ((new Process($command, $in, timeout: null))->disableOutput()->run() !== 0) {
            throw new RuntimeException('This failed: '.implode(' ', $command));
        }
    }
}
