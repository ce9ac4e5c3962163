<?php

declare(strict_types=1);

namespace App\Publishing;

use ZincPane\Core\Delivery\ContentWidth;
use ZincPane\Core\Markup\Element;

/** A gallery for pages elsewhere, brought by one line of script. */
final class ScriptEmbed
{
    /** Stands in the contents for the address of this host, which the script knows. */
    public const HOST = '{{host}}';

    /** The line to copy. */
    public static function line(string $host, string $galleryId): string
    {
        return (string) Element::of('script', ['src' => "{$host}/embed.js", 'data-gallery' => $galleryId, 'async' => true]);
    }

    /** What the script fetches: JSON with html and css. */
    public static function contents(GalleryRenderer $gallery): string
    {
        $fragment = $gallery->fragment('embed', ContentWidth::unknown());
        // Every address in the markup is rooted; elsewhere it needs this host before it.
        $html = str_replace(['"/media/', ', /media/'], ['"'.self::HOST.'/media/', ', '.self::HOST.'/media/'], $fragment->html);

        return json_encode(['title' => $gallery->about->title, 'html' => $html, 'css' => $fragment->css], JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }
}
