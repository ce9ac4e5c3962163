<?php

declare(strict_types=1);

namespace App\Imaging;

use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/**
 * Starts the command-line tools of libvips and ExifTool: with a limit of time and memory, nothing in the
 * environment but what they need, and the loaders switched off that libvips itself calls untrusted.
 */
final readonly class Tools
{
    /**
     * @param  bool  $modules  whether libvips loads its modules: HEIF, and some that nothing here needs
     */
    public function __construct(private int $seconds, private int $memoryBytes, private bool $modules = true)
    {
    }

    /** The same for JPEG, PNG, WebP and TIFF alone, which start in half the time. */
    public function light(): self
    {
        return new self($this->seconds, $this->memoryBytes, false);
    }

    /**
     * @param  list<string>  $arguments
     * @return string what it printed
     *
     * @throws ImagingException when it fails or takes too long
     */
    public function run(string $tool, array $arguments): string
    {
        return $this->finished($this->started($tool, $arguments), $tool);
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
                if (count($running) >= $atOnce) {
                    [$process, $name] = array_shift($running);
                    $this->finished($process, $name);
                }
                $running[] = [$this->started($tool, $arguments), $tool];
            }
            foreach ($running as [$process, $name]) {
                $this->finished($process, $name);
            }
        } finally {
            foreach ($running as [$process]) {
                $process->stop(0);
            }
        }
    }

    /**
     * @param  list<string>  $arguments
     */
    private function started(string $tool, array $arguments): Process
    {
        $process = new Process(
            ['prlimit', '--as='.$this->memoryBytes, '--core=0', '--', $tool, ...$arguments],
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
        $process->start();

        return $process;
    }

    /**
     * @throws ImagingException
     */
    private function finished(Process $process, string $tool): string
    {
        try {
            $process->wait();
        } catch (ProcessTimedOutException) {
            throw ImagingException::tookTooLong($tool, $this->seconds);
        }
        if (! $process->isSuccessful()) {
            throw ImagingException::refused($tool, $process->getErrorOutput());
        }

        return $process->getOutput();
    }
}
