<?php

declare(strict_types=1);

namespace ZincPane\Core\Embeds;

/** Parts of embeds that can be told from each other on a page. */
enum FoundPart
{
    /** The element that a script fills. */
    case Element;

    /** The script itself. */
    case Script;

    /** A script that tells its gallery: how lines were before there was the element. */
    case OldScript;

    case Head;

    case Body;

    case Frame;

    /** Pictures that are links. */
    case Pictures;

    /** The address alone. */
    case Address;

    /** Which way of embedding it belongs to. */
    public function kind(): EmbedKind
    {
        return match ($this) {
            self::Element, self::Script, self::OldScript => EmbedKind::Script,
            self::Head, self::Body => EmbedKind::HtmlCss,
            self::Frame => EmbedKind::Frame,
            self::Pictures => EmbedKind::Images,
            self::Address => EmbedKind::OEmbed,
        };
    }
}
