<?php

declare(strict_types=1);

namespace ZincPane\Core\Changes;

use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\GalleryDocument;
use ZincPane\Core\Gallery\Item;
use ZincPane\Core\Viewer\ClickAct;

/** Says what a click on single pictures does, or leaves it to the gallery's rule again. */
final readonly class Clicks implements Change
{
    /**
     * @param  array<string, ?ClickAct>  $acts  by item
     */
    private function __construct(private array $acts)
    {
    }

    /**
     * @param  array<array-key, mixed>  $values  either "items" and "click" for all of them, or "clicks" by item
     *
     * @throws ChangeException when the items are not a list of identifiers, or an act is none
     */
    public static function parse(array $values): self
    {
        $clicks = is_array($values['clicks'] ?? null)
            ? $values['clicks']
            : array_fill_keys(Changes::identifiers($values, 'items'), $values['click'] ?? null);
        $acts = [];
        foreach ($clicks as $item => $click) {
            $acts[(string) $item] = self::act($click);
        }

        return new self($acts);
    }

    /**
     * @throws ChangeException when it is none
     */
    private static function act(mixed $click): ?ClickAct
    {
        $act = is_string($click) ? ClickAct::tryFrom($click) : null;

        return $click === null || $act !== null ? $act : throw ChangeException::notAmong('click', $click, array_column(ClickAct::cases(), 'value'));
    }

    public function appliedTo(GalleryDocument $gallery): GalleryDocument
    {
        return $gallery->replacing(array_map(fn (Item $item): Item => $item->clicked($this->acts[$item->id]), $gallery->items(array_map(strval(...), array_keys($this->acts)))));
    }

    public function inverseFor(GalleryDocument $before): Change
    {
        return new self(array_map(static fn (Item $item): ?ClickAct => $item->click, $before->items(array_map(strval(...), array_keys($this->acts)))));
    }

    public function touches(): array
    {
        return array_map(static fn (int|string $item): string => "items.{$item}.click", array_keys($this->acts));
    }

    public function summary(GalleryDocument $before): string
    {
        $pictures = count($this->acts) === 1 ? 'a picture' : count($this->acts).' pictures';
        $acts = array_values(array_unique($this->acts, SORT_REGULAR));

        return match (true) {
            count($acts) !== 1 => "set what a click on {$pictures} does",
            $acts[0] === null => "left a click on {$pictures} to the gallery",
            default => "set a click on {$pictures} to “".lcfirst($acts[0]->label()).'”',
        };
    }

    public function toArray(): array
    {
        return ['kind' => 'click', 'clicks' => array_map(static fn (?ClickAct $act): ?string => $act?->value, $this->acts)];
    }
}
