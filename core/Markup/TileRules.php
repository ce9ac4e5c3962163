<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Markup\Style\Css;

/** The custom properties of the tiles of one section: one rule a tile, whatever the number of bands. */
final class TileRules
{
    /** @var array<int, list<Css>> declarations by index of the tile */
    private array $rules = [];

    /**
     * @param  Css  $list  selector of the list of tiles
     */
    public function __construct(private readonly Css $list)
    {
    }

    /**
     * @param  Css  $declaration  without a closing semicolon
     */
    public function add(int $tile, Css $declaration): void
    {
        $this->rules[$tile][] = $declaration;
    }

    public function selector(int $tile): Css
    {
        // By a class of its own: browsers hold every tile against every rule that counts children, a million times for a thousand.
        return Css::of('{list}>.zp-n{n}', ['list' => $this->list, 'n' => $tile + 1]);
    }

    public function css(): Css
    {
        $all = [];
        foreach ($this->rules as $tile => $declarations) {
            $all[] = Css::of('{tile}{{said}}', ['tile' => $this->selector($tile), 'said' => self::joined($declarations)]);
        }

        return Css::all(...$all);
    }

    /**
     * @param  list<Css>  $declarations
     */
    private static function joined(array $declarations): Css
    {
        $joined = [];
        foreach ($declarations as $i => $declaration) {
            array_push($joined, ...($i === 0 ? [$declaration] : [Css::of(';'), $declaration]));
        }

        return Css::all(...$joined);
    }
}
