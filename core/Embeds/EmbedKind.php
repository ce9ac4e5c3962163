<?php

declare(strict_types=1);

namespace ZincPane\Core\Embeds;

/** The ways in which a gallery comes to a page elsewhere. */
enum EmbedKind: string
{
    /** One line; a script brings the gallery as it is live now. */
    case Script = 'script';

    /** The gallery itself, as it is now: a piece for the head and one for the body. */
    case HtmlCss = 'html';

    /** A page of ours within the page. */
    case Frame = 'frame';

    /** Nothing but pictures that are links. */
    case Images = 'images';

    /** An address that the other site turns into a frame by itself. */
    case OEmbed = 'oembed';

    public function label(): string
    {
        return match ($this) {
            self::Script => 'One line',
            self::HtmlCss => 'HTML and CSS',
            self::Frame => 'Frame',
            self::Images => 'Pictures only',
            self::OEmbed => 'Address',
        };
    }

    /** What it is good for, and what not. */
    public function says(): string
    {
        return match ($this) {
            self::Script => 'Follows what you put live; large view and captions as on your own site. The other page must let a script run.',
            self::HtmlCss => 'For a page written by hand. No script; a click leads to the picture. Copy it anew when the gallery changes.',
            self::Frame => 'Follows what you put live, behind a wall: nothing of the other page reaches it. For places that take frames.',
            self::Images => 'For editors that throw away all but pictures and links. Copy it anew when the gallery changes.',
            self::OEmbed => 'For places that ask for nothing but an address and show what they find there (oEmbed).',
        };
    }

    /** Whether pages that have it show what is put live later. */
    public function follows(): bool
    {
        return match ($this) {
            self::Script, self::Frame, self::OEmbed => true,
            self::HtmlCss, self::Images => false,
        };
    }
}
