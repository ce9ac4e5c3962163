<?php

declare(strict_types=1);

namespace ZincPane\Core\Phrases;

/**
 * The words for visitors in one language. A class of this kind in the folder In, named by the language's
 * tag, is all that a further language takes.
 */
interface Language
{
    /**
     * All phrases, by name. Those whose name begins with "v." are said by the viewer's script; {n} and {m} are a number
     * and how many there are, {t} is text.
     *
     * @return array<string, string>
     */
    public static function phrases(): array;

    /**
     * @return non-empty-list<string> names of the months, January first
     */
    public static function months(): array;
}
