<?php

declare(strict_types=1);

namespace ZincPane\Core\Finish;

use ZincPane\Core\Finish\Kinds\CssText;
use ZincPane\Core\Settings\Kinds\Text;
use ZincPane\Core\Settings\Setting;

/** What people who write CSS call a gallery by, and what they write for it. */
final readonly class OwnCss
{
    /** Most characters of an id, of the classes, of the CSS. */
    private const LONGEST = [60, 120, 8000];

    /**
     * @param  string  $id  the only one of its page
     * @param  string  $classes  with single blanks between
     * @param  string  $css  rules, which reach this gallery alone
     */
    private function __construct(
        #[Setting('Id', new Text('^[A-Za-z][A-Za-z0-9_-]*$', 'a letter, then letters, digits, - and _, without blanks', self::LONGEST[0]), '', 'Your CSS', null, '+#{}')]
        public string $id,
        #[Setting('Classes', new Text('^[A-Za-z][A-Za-z0-9_-]*( [A-Za-z][A-Za-z0-9_-]*)*$', 'names of letters, digits, - and _, with a blank between', self::LONGEST[1]), '', 'Your CSS', null, '')]
        public string $classes,
        #[Setting('CSS for this gallery', new CssText(self::LONGEST[2]), '', 'Your CSS', null, '+{}')]
        public string $css,
    ) {
    }
}
