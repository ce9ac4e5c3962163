<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

/** The custom properties of the tiles of one section: one rule a tile, whatever the number of bands. */
final class TileRules
{
    /** @var array<int, string> by index of the tile */
    private array $rules = [];

    /**
     * @param  string  $list  selector of the list of tiles
     */
    public function __construct(private readonly string $list)
    {
    }

    /**
     * @param  string  $declaration  without a closing semicolon
     */
    public function add(int $tile, string $declaration): void
    {
        $this->rules[$tile] = isset($this->rules[$tile]) ? "{$this->rules[$tile]};{$declaration}" : $declaration;
    }

    public function selector(int $tile): string
    {
        return "{$this->list}>:nth-child(".($tile + 1).')';
    }

    public function __toString(): string
    {
        $css = '';
        foreach ($this->rules as $tile => $rule) {
            $css .= $this->selector($tile)."{{$rule}}";
        }

        return $css;
    }
}
