<?php

declare(strict_types=1);

namespace Tests;

/**
 * What a bookkeeper writes down who sees each act and knows nothing of the application: which pictures stand in which
 * gallery, what can be taken back, what is live, and what lies in the bin.
 *
 * @phpstan-type Row array{picture: string, hidden: bool}
 */
final class Books
{
    /** @var array<string, list<Row>> what stands in each gallery, in order */
    public array $galleries = [];

    /** @var array<string, list<string>> pictures of each gallery that visitors see */
    public array $live = [];

    /** @var list<string> */
    public array $pictures = [];

    /** @var list<string> */
    public array $bin = [];

    /** @var array<string, list<list<Row>>> what each gallery was before, the latest last */
    private array $before = [];

    /** @var array<string, list<list<Row>>> what was taken back, the latest last */
    private array $after = [];

    /**
     * @param  list<Row>  $rows
     */
    public function write(string $gallery, array $rows): void
    {
        if ($rows === $this->galleries[$gallery]) {
            return;
        }
        $this->before[$gallery][] = $this->galleries[$gallery];
        $this->after[$gallery] = [];
        $this->galleries[$gallery] = $rows;
    }

    /**
     * @return ?list<Row> what the gallery would be; null where nothing can be taken back
     */
    public function undone(string $gallery): ?array
    {
        return array_slice($this->before[$gallery] ?? [], -1)[0] ?? null;
    }

    public function undo(string $gallery): void
    {
        $this->step($gallery, $this->before, $this->after);
    }

    /**
     * @return ?list<Row> what the gallery would be; null where nothing was taken back
     */
    public function redone(string $gallery): ?array
    {
        return array_slice($this->after[$gallery] ?? [], -1)[0] ?? null;
    }

    public function redo(string $gallery): void
    {
        $this->step($gallery, $this->after, $this->before);
    }

    /**
     * @param  array<string, list<list<Row>>>  $from  where the latest is taken from
     * @param  array<string, list<list<Row>>>  $to  where what stood till now is kept
     */
    private function step(string $gallery, array &$from, array &$to): void
    {
        $to[$gallery][] = $this->galleries[$gallery];
        $this->galleries[$gallery] = array_pop($from[$gallery]);
    }

    public function publish(string $gallery): void
    {
        $shown = array_filter($this->galleries[$gallery], static fn (array $row): bool => ! $row['hidden']);
        $this->live[$gallery] = array_column($shown, 'picture');
    }

    /**
     * @return list<string> pictures that stand in no gallery and are not in the bin
     */
    public function unused(): array
    {
        return array_values(array_diff($this->pictures, $this->bin, $this->used()));
    }

    /**
     * @return list<string> pictures that stand in a gallery
     */
    public function used(): array
    {
        return array_values(array_unique(array_column(array_merge(...array_values($this->galleries)), 'picture')));
    }

    /**
     * @return list<string> pictures that visitors see
     */
    public function visible(): array
    {
        return array_values(array_unique(array_merge(...array_values($this->live), ...[[]])));
    }
}
