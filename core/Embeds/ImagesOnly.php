<?php

declare(strict_types=1);

namespace ZincPane\Core\Embeds;

use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Delivery\Rendition;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Markup\Element;
use ZincPane\Core\Markup\Leads;
use ZincPane\Core\Viewer\ClickAct;

/** Pictures that are links, and no more: they stand side by side like words in a line, and wrap. */
final readonly class ImagesOnly implements Embed
{
    /** px that each is high, and wide at most. */
    private const HEIGHT = 200;

    private const WIDEST = 480;

    public function __construct(private EmbedSource $source)
    {
    }

    public function kind(): EmbedKind
    {
        return EmbedKind::Images;
    }

    public function stamp(): string
    {
        return '';
    }

    public function pieces(): array
    {
        $leads = new Leads($this->source->gallery, $this->source->addresses());
        $line = Element::of('p');
        foreach ($this->source->gallery->items as $place => $item) {
            if ($item instanceof ShownPicture) {
                $line->add($this->picture($item, $place, $leads))->text(' ');
            }
        }

        return [new Piece('Where the pictures are to stand', (string) $line)];
    }

    public function directives(): array
    {
        return ['img-src' => [$this->source->host]];
    }

    private function picture(ShownPicture $picture, int $place, Leads $leads): Element
    {
        $width = (int) round(min(self::WIDEST, self::HEIGHT * $picture->ratio()->value));
        $words = $picture->words;
        $image = Element::of('img', [
            'src' => $this->source->addresses()->of($picture->addressOf(self::file($picture, $width))),
            'alt' => $words->decorative ? '' : ($words->alt !== '' ? $words->alt : $words->title),
            'width' => $width, 'height' => $picture->size->heightFor($width),
        ]);
        $act = $this->source->gallery->act($place);
        $href = $act === ClickAct::Nothing ? null : $leads->of($picture, $place, $act);

        return $href === null ? $image : Element::of('a', ['href' => $href])->add($image);
    }

    /** In the format that everything shows which shows pictures at all. */
    private static function file(ShownPicture $picture, int $width): Rendition
    {
        return Rendition::smallest($picture->fallbacks(), $width) ?? Leads::large($picture);
    }
}
