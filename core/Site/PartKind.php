<?php

declare(strict_types=1);

namespace ZincPane\Core\Site;

use ZincPane\Core\Settings\Labelled;

/** What a page of the site itself is made of. */
enum PartKind: string implements Labelled
{
    case Heading = 'heading';

    /** The paragraph that says what the page is about. */
    case Lead = 'lead';

    case Paragraph = 'paragraph';

    case List = 'list';

    case Picture = 'picture';

    /** HTML that came with the page and is kept as it is. */
    case Kept = 'kept';

    public function label(): string
    {
        return match ($this) {
            self::Heading => 'Heading',
            self::Lead => 'Lead paragraph',
            self::Paragraph => 'Paragraph',
            self::List => 'List',
            self::Picture => 'Single picture',
            self::Kept => 'Kept as it came',
        };
    }

    /** Whether its words are written here. */
    public function isWritten(): bool
    {
        return $this !== self::Kept && $this !== self::Picture;
    }
}
