<?php

declare(strict_types=1);

use Illuminate\Filesystem\Filesystem;
use Symfony\Component\Process\Exception\ProcessSignaledException;
use Symfony\Component\Process\Process;

beforeEach(function (): void {
    $this->folder = "{$this->files}/shared";
    (new Filesystem)->ensureDirectoryExists($this->folder);
    $this->begun = function (string $act, string $what = ''): Process {
        $process = new Process(['php', __DIR__.'/processes/act.php', $this->folder, $act, $what]);
        $process->start();

        return $process;
    };
    $this->done = function (Process $process): mixed {
        $process->wait();
        expect($process->getExitCode())->toBe(0, $process->getOutput().$process->getErrorOutput());

        return json_decode($process->getOutput(), true, 512, JSON_THROW_ON_ERROR);
    };
    $this->act = fn (string $act, string $what = ''): mixed => ($this->done)(($this->begun)($act, $what));
    [$this->one, $this->two] = ($this->act)('begin');
    $this->gap = fn (string $gallery): string => preg_match('~gap:(\d+)px~', ($this->act)('embed', $gallery), $found) === 1 ? $found[1] : 'none';
});

it('takes back what visitors saw for a moment, when it was killed between the swap and the word that it is live', function (string $after): void {
    ($this->act)('gap', "{$this->one}@4");
    ($this->act)('live', $this->one);
    ($this->act)('gap', "{$this->one}@6");
    $killed = ($this->begun)('live-killed', $this->one);
    expect(fn () => $killed->wait())->toThrow(ProcessSignaledException::class, 'signal "9"');
    // Whatever comes first afterwards: the next start, a look at the gallery, another gallery put live.
    match ($after) {
        'the next start' => ($this->act)('bring-up'),
        'a look at the gallery' => ($this->act)('told', $this->one),
        'another gallery put live' => ($this->act)('live', $this->two),
    };
    expect(($this->gap)($this->one))->toBe('4')->and(($this->act)('told', $this->one))->toBe(['gap 4 px to 6 px']);
})->with(sample(['the next start', 'a look at the gallery', 'another gallery put live'], 1));

it('puts two galleries live at once, and loses neither', function (): void {
    ($this->act)('gap', "{$this->one}@7");
    ($this->act)('gap', "{$this->two}@8");
    foreach (array_map(fn (string $id): Process => ($this->begun)('live', $id), [$this->one, $this->two, $this->one, $this->two]) as $process) {
        ($this->done)($process);
    }
    expect(($this->gap)($this->one))->toBe('7')->and(($this->gap)($this->two))->toBe('8')
        ->and(($this->act)('told', $this->one))->toBe([])->and(($this->act)('told', $this->two))->toBe([])
        ->and(glob("{$this->folder}/files/live/.next-*"))->toBe([]);
});

it('takes the same file in once, however many send it at once', function (): void {
    $path = $this->pictureFile();
    $taken = array_map(fn (Process $process): array => ($this->done)($process), array_map(fn (): Process => ($this->begun)('take', $path), range(1, 4)));
    expect(array_unique(array_column($taken, 0)))->toHaveCount(1)
        ->and(array_filter($taken, static fn (array $one): bool => ! $one[1]))->toHaveCount(1)
        ->and((new Filesystem)->allFiles("{$this->folder}/files/originals"))->toHaveCount(1);
});
