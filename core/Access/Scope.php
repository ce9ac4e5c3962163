<?php

declare(strict_types=1);

namespace ZincPane\Core\Access;

/** What a token may do; never more than the person whose it is. */
enum Scope: string
{
    case Read = 'read';
    case Write = 'write';
    case Publish = 'publish';

    public function label(): string
    {
        return match ($this) {
            self::Read => 'Read',
            self::Write => 'Write',
            self::Publish => 'Put live',
        };
    }

    public function says(): string
    {
        return match ($this) {
            self::Read => 'looks at galleries, pictures and pages, and takes galleries along',
            self::Write => 'takes pictures in, makes and changes galleries',
            self::Publish => 'puts live, and takes offline',
        };
    }
}
