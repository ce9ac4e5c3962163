<?php

declare(strict_types=1);

namespace App\Imaging;

use Symfony\Component\Process\Exception\ProcessSignaledException;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/**
 * Starts the command-line tools of libvips and ExifTool: with a limit of time and memory, nothing in the
 * environment but what they need, and the loaders switched off that libvips itself calls untrusted.
 */
final readonly class Tools
{
    /**
     * @param  int  $saidBytes  that one may print: files can hold far more than they seem to
     * @param  bool  $modules  whether libvips loads its modules: HEIF, and some that nothing here needs
     */
    public function __construct(private int $seconds, private int $memoryBytes, private int $saidBytes, private bool $modules = true)
    {
    }

    /** The same for JPEG, PNG, WebP and TIFF alone, which start in half the time. */
    public function light(): self
    {
        return new self($this->seconds, $this->memoryBytes, $this->saidBytes, false);
    }

    /**
     * @param  list<string>  $arguments
     * @return string what it printed
     *
     * @throws ImagingException when it fails, takes too long or prints too much
     */
    public function run(string $tool, array $arguments): string
    {
        return $this->finished(...$this->started($tool, $arguments));
    }

    /**
     * Runs one that writes nothing but what it prints of a file: into a file of its own, which the system
     * lets grow no further than may be. Of a pipe that is filled quickly all is read before anyone can count.
     *
     * @param  list<string>  $arguments
     * @return string what it printed
     *
     * @throws ImagingException when it fails, takes too long or prints too much
     */
    public function read(string $tool, array $arguments): string
    {
        $path = sys_get_temp_dir().'/said-'.bin2hex(random_bytes(8));
        try {
            $this->finished(...$this->started($tool, $arguments, $path));

            return (string) file_get_contents($path);
        } catch (ImagingException $exception) {
            clearstatcache();
            throw is_file($path) && filesize($path) >= $this->saidBytes ? ImagingException::saidTooMuch($tool, $this->saidBytes) : $exception;
        } finally {
            @unlink($path);
        }
    }

    /**
     * Runs several at once, as many as there are cores here to make use of.
     *
     * @param  list<array{string, list<string>}>  $commands  tool and arguments
     *
     * @throws ImagingException when one fails or takes too long; the others are stopped
     */
    public function runAll(array $commands, int $atOnce = 2): void
    {
        $running = [];
        try {
            foreach ($commands as [$tool, $arguments]) {
                $first = count($running) >= $atOnce ? array_shift($running) : null;
                if ($first !== null) {
                    $this->finished($first[0], $first[1]);
                }
                $running[] = $this->started($tool, $arguments);
            }
            foreach ($running as [$process, $said]) {
                $this->finished($process, $said);
            }
        } finally {
            foreach ($running as [$process]) {
                $process->stop(0);
            }
        }
    }

    /**
     * @param  list<string>  $arguments
     * @param  ?string  $into  path of a file that takes what it prints, as much as may be
     * @return array{Process, Said}
     */
    private function started(string $tool, array $arguments, ?string $into = null): array
    {
        $process = new Process(
            [
                ...($into === null ? [] : ['sh', '-c', 'exec "$@" >"$0"', $into]),
                'nice', '-n', '10', 'prlimit', '--as='.$this->memoryBytes, '--core=0', ...($into === null ? [] : ['--fsize='.$this->saidBytes]), '--', $tool, ...$arguments,
            ],
            sys_get_temp_dir(),
            [
                // Symfony hands the whole environment on, secrets too, unless each is switched off by name.
                ...array_fill_keys(array_map(strval(...), array_keys([...getenv(), ...$_ENV])), false),
                'PATH' => '/usr/local/bin:/usr/bin:/bin', 'LANG' => 'C.UTF-8',
                'VIPS_BLOCK_UNTRUSTED' => '1', 'VIPS_CONCURRENCY' => '1', 'VIPS_DISC_THRESHOLD' => '500m',
                // Modules are looked for below this folder; there is none of that name.
                ...($this->modules ? [] : ['VIPSHOME' => '/nonexistent']),
            ],
            null,
            $this->seconds,
        );
        $said = new Said($tool, $this->saidBytes);
        // Nothing that it prints is kept but what is noted, and no more than may be.
        $process->disableOutput();
        $process->start($said->note(...));

        return [$process, $said];
    }

    /**
     * @throws ImagingException
     */
    private function finished(Process $process, Said $said): string
    {
        try {
            $process->wait();
        } catch (ProcessTimedOutException) {
            throw ImagingException::tookTooLong($said->tool, $this->seconds);
        } catch (ProcessSignaledException) {
            throw ImagingException::refused($said->tool, $said->complaint().' It was ended by a signal.');
        } finally {
            $process->stop(0);
        }
        if (! $process->isSuccessful()) {
            throw ImagingException::refused($said->tool, $said->complaint());
        }

        return $said->words();
    }
}
