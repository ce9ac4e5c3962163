<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

use ZincPane\Core\Colour\PerceptualHash;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Measuring\Subject;

/** What is known of the picture of an item, besides what the gallery says of it. */
final readonly class AtHand
{
    /**
     * @param  ?Subject  $subject  null while there is nothing to draw of it
     * @param  Words  $words  the picture's own
     * @param  string  $name  of its file; empty of a text
     * @param  ?string  $failure  why files of it could not be made
     * @param  bool  $isMissing  whether its original is no longer where it was stored
     * @param  string  $rights  as its file says them
     * @param  string  $licence  under which it may be used; empty where none is known
     * @param  bool  $tellsPlace  whether its original tells where it was taken
     * @param  bool  $isText  whether it is a text, and no picture
     */
    public function __construct(
        public ?Subject $subject,
        public Words $words,
        public string $name = '',
        public ?PerceptualHash $look = null,
        public ?string $failure = null,
        public bool $isMissing = false,
        public string $rights = '',
        public string $licence = '',
        public bool $tellsPlace = false,
        public bool $isText = false,
    ) {
    }
}
