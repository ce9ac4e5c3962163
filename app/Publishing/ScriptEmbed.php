<?php

declare(strict_types=1);

namespace App\Publishing;

use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Markup\Element;
use ZincPane\Core\Phrases\Phrases;

/** A gallery for pages elsewhere, brought by one line of script. */
final readonly class ScriptEmbed
{
    /** Stands in the contents for the address of this host, which the script knows. */
    public const HOST = '{{host}}';

    public function __construct(private Painter $painter)
    {
    }

    /** The line to copy. */
    public static function line(string $host, string $galleryId): string
    {
        return (string) Element::of('script', ['src' => "{$host}/embed.js", 'data-gallery' => $galleryId, 'async' => true]);
    }

    /** What the script fetches: JSON with html and css, with words in one language. */
    public function contents(FrozenGallery $gallery, Phrases $phrases): string
    {
        $fragment = $this->painter->draw($gallery, 'embed', ContentWidth::unknown(), Addresses::absolute(self::HOST), $phrases);

        return json_encode(['title' => $gallery->about->title, 'html' => $fragment->html, 'css' => $fragment->css], JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }
}
