<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

/** What in a gallery may be styled, by the class that it has. These names stay. */
final class ClassNames
{
    public const ALL = [
        'zp' => 'the gallery',
        'zp-title' => 'its title',
        'zp-about' => 'its description',
        'zp-tabs' => 'the names of albums or pages to choose from',
        'zp-album' => 'an album, or a page',
        'zp-name' => 'the name of an album',
        'zp-drift' => 'the frame that lanes drift in',
        'zp-tiles' => 'the list of tiles; each tile is a li in it',
        'zp-caption' => 'the words of a tile',
        'zp-over' => 'the same where they lie over the picture',
        'zp-said' => 'the lines within',
        'zp-word-title' => 'a title in a caption',
        'zp-word-caption' => 'a caption in it',
        'zp-word-description' => 'a description in it',
        'zp-word-credit' => 'a credit in it',
        'zp-play' => 'the sign on a video',
        'zp-text' => 'a tile that is a text',
        'zp-words' => 'the words of a text',
        'zp-more' => 'the lead to the whole text',
        'zp-hint' => 'what a click does, in words',
        'zp-all' => '“Show all” and “Show fewer”',
        'zp-open' => 'the former',
        'zp-close' => 'the latter',
    ];

    public const EXAMPLE = ".zp-word-title { text-transform: uppercase; }\n.zp-tiles > li:first-child { outline: 3px solid gold; }";
}
