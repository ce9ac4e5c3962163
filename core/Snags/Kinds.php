<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

use ZincPane\Core\Wording\AltFlaw;

/** What snags of one kind are called where those of many galleries stand together. */
final class Kinds
{
    private const NAMES = [
        'alt-missing' => 'No alt text',
        'cannot-be-shown' => 'Files that could not be made', 'file-is-missing' => 'Originals that are missing', 'near-doubles' => 'Nearly the same picture twice', 'look-alikes-beside' => 'Look-alikes side by side',
        'words-are-file-name' => 'Words that are file names', 'caption-too-long' => 'Captions that are cut',
        'ragged-last-row' => 'Last rows that are not full', 'giant-last-tile' => 'Last rows that are too high', 'uneven-columns' => 'Uneven columns', 'holes' => 'Holes', 'lost-focal-area' => 'Crops that lose what matters',
        'much-cropped' => 'Crops that lose too much', 'portraits-halved' => 'Portraits that are halved', 'small-on-phone' => 'Too small on a phone', 'alone-on-phone' => 'One alone on a phone', 'long-on-phone' => 'Too long on a phone',
        'higher-than-window' => 'Higher than the window', 'picture-too-small' => 'Pictures too small for their tiles', 'heavy-first-view' => 'A heavy first view',
        'hard-to-read' => 'Captions hard to read', 'faint-below' => 'Faint captions', 'faint-signs' => 'Faint signs',
        'gives-place' => 'Downloads that tell the place', 'gives-reserved' => 'Downloads of what is reserved', 'leads-nowhere' => 'Links to nowhere',
        'on-no-page' => 'On no page', 'page-in-no-menu' => 'Pages in no menu', 'id-twice' => 'An id twice', 'heavy-page' => 'Heavy pages',
    ];

    /** Of a rule, by its code. */
    public static function name(string $code): string
    {
        return self::NAMES[$code] ?? 'Alt text: '.lcfirst(AltFlaw::from(substr($code, strlen('alt-')))->label());
    }
}
