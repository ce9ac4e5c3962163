<?php

declare(strict_types=1);

namespace ZincPane\Core\Embeds;

/** All ways in which a gallery comes to a page elsewhere. */
final class Embeds
{
    /**
     * @return non-empty-list<Embed>
     */
    public static function of(EmbedSource $source): array
    {
        return array_map(static fn (EmbedKind $kind): Embed => self::one($kind, $source), EmbedKind::cases());
    }

    public static function one(EmbedKind $kind, EmbedSource $source): Embed
    {
        return match ($kind) {
            EmbedKind::Script => new ScriptEmbed($source),
            EmbedKind::HtmlCss => new HtmlCss($source),
            EmbedKind::Frame => new FrameEmbed($source),
            EmbedKind::Images => new ImagesOnly($source),
            EmbedKind::OEmbed => new OEmbed($source),
        };
    }
}
