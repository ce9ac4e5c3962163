<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\Body;
use App\Models\Page;
use App\Models\Pane;
use Illuminate\Support\Arr;
use ZincPane\Core\Site\PaneDesign;
use ZincPane\Core\Site\SiteState;

/**
 * The rows of all pages and places at one time.
 *
 * @phpstan-type Rows array<string, array<string, mixed>>
 * @phpstan-type Patch array{pages: array<string, ?array<string, mixed>>, panes: array<string, ?array<string, mixed>>}
 */
final readonly class Snapshot
{
    /** Columns that say nothing of what a person did. */
    private const ASIDE = ['created_at', 'updated_at', 'changed_by', 'is_offline'];

    /**
     * @param  Rows  $pages  by id
     * @param  Rows  $panes  by id
     */
    private function __construct(public array $pages, public array $panes)
    {
    }

    public static function now(): self
    {
        $rows = static function (string $model): array {
            /** @var class-string<Page>|class-string<Pane> $model */
            $all = [];
            foreach ($model::query()->toBase()->orderBy('id')->get() as $row) {
                /** @var array<string, mixed>&array{id: string} $row */
                $row = array_diff_key((array) $row, array_flip(self::ASIDE));
                $all[$row['id']] = $row;
            }

            return $all;
        };

        return new self($rows(Page::class), $rows(Pane::class));
    }

    /**
     * What leads from this to another: rows by id, null for one that is not there.
     *
     * @return Patch
     */
    public function patchTo(self $other): array
    {
        return ['pages' => self::changed($this->pages, $other->pages), 'panes' => self::changed($this->panes, $other->panes)];
    }

    /**
     * @param  Patch  $patch
     */
    public function patched(array $patch): self
    {
        return new self(
            array_filter([...$this->pages, ...$patch['pages']], static fn (?array $row): bool => $row !== null),
            array_filter([...$this->panes, ...$patch['panes']], static fn (?array $row): bool => $row !== null),
        );
    }

    /**
     * Whether all that a patch speaks of is as it says.
     *
     * @param  Patch  $patch
     */
    public function agreesWith(array $patch): bool
    {
        $agrees = static fn (array $rows, array $changes): bool => array_filter($changes, static fn (mixed $row, int|string $id): bool => ($rows[$id] ?? null) !== $row, ARRAY_FILTER_USE_BOTH) === [];

        return $agrees($this->pages, $patch['pages']) && $agrees($this->panes, $patch['panes']);
    }

    /**
     * What a patch changes, as paths: "panes.ID.place.px".
     *
     * @param  array{pages: array<string, ?array<string, mixed>>, panes: array<string, ?array<string, mixed>>}  $before  rows as they were, these and others
     * @param  Patch  $patch
     * @return list<string>
     */
    public static function touched(array $before, array $patch): array
    {
        $touched = [];
        foreach ($patch as $table => $rows) {
            foreach ($rows as $id => $row) {
                $old = $before[$table][$id] ?? null;
                $changed = $old === null || $row === null ? ['' => true] : array_diff_assoc(self::flat($row), self::flat($old)) + array_diff_assoc(self::flat($old), self::flat($row));
                foreach (array_keys($changed) as $path) {
                    $touched[] = "{$table}.{$id}.{$path}";
                }
            }
        }
        sort($touched);

        return $touched;
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, string> values by path
     */
    private static function flat(array $row): array
    {
        $flat = [];
        foreach ($row as $column => $value) {
            $nested = in_array($column, ['place', 'exceptions'], true) && is_string($value) ? json_decode($value, true) : null;
            $nested = $column === 'place' && is_array($nested) ? PaneDesign::fromArray($nested)->toArray() : $nested;
            foreach (is_array($nested) ? Arr::dot($nested) : ['' => $value] as $path => $one) {
                $flat[rtrim("{$column}.{$path}", '.')] = json_encode($one, JSON_THROW_ON_ERROR);
            }
        }

        return $flat;
    }

    public function state(): SiteState
    {
        $files = Body::query()->where('kind', Body::FILE)->whereIn('hash', array_column($this->pages, 'body'))->pluck('hash')->all();
        $panes = $frame = [];
        foreach ($this->panes as $row) {
            $pane = (new Pane)->newFromBuilder($row)->toCore();
            is_string($row['page_id']) ? $panes[$row['page_id']][] = $pane : $frame[] = $pane;
        }
        $pages = [];
        foreach ($this->pages as $id => $row) {
            $page = (new Page)->newFromBuilder($row);
            $pages[] = $page->setRelation('panes', $page->panes()->getModel()->newCollection())->setRelation('content', new Body(['kind' => in_array($row['body'], $files, true) ? Body::FILE : Body::PARTS]))->toCore()->holding($panes[$id] ?? []);
        }

        return SiteState::of($pages, $frame);
    }

    /**
     * @param  Rows  $from
     * @param  Rows  $to
     * @return array<string, ?array<string, mixed>>
     */
    private static function changed(array $from, array $to): array
    {
        $changed = array_filter($to, static fn (array $row, string $id): bool => ($from[$id] ?? null) !== $row, ARRAY_FILTER_USE_BOTH);

        return [...$changed, ...array_map(static fn (): null => null, array_diff_key($from, $to))];
    }
}
