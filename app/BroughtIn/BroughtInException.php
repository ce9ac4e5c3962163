<?php

declare(strict_types=1);

namespace App\BroughtIn;

use RuntimeException;

/** A file that cannot be a page of the site: says which, and why. */
final class BroughtInException extends RuntimeException
{
    public static function noHtml(string $name): self
    {
        return new self("{$name} is no HTML page: there is not one element in it. Save the page as HTML and bring that in.");
    }

    public static function tooLarge(string $name, int $bytes, int $most): self
    {
        return new self(sprintf('%s has %.1f MB; a page has at most %.1f MB. Take large scripts or pictures out of its HTML.', $name, $bytes / 1048576, $most / 1048576));
    }

    public static function utf16(string $name): self
    {
        return new self("{$name} is written in UTF-16, which no place can be found in. Save it as UTF-8.");
    }

    public static function frames(string $name): self
    {
        return new self("{$name} is made of frames and has no content of its own. Bring in the pages within its frames.");
    }

    public static function base(string $name, string $base): self
    {
        return new self("{$name} says by <base> that its addresses begin at {$base}; the gallery's would too, and be found by nobody. Take the base element out.");
    }

    public static function noPages(string $name): self
    {
        return new self("{$name} holds no HTML page that can be brought in.");
    }

    public static function noFile(string $name): self
    {
        return new self("{$name} is neither an HTML file nor a ZIP.");
    }
}
