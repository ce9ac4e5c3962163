<?php

declare(strict_types=1);

namespace ZincPane\Core\Embeds;

/** One way in which a gallery comes to a page elsewhere. */
interface Embed
{
    public function kind(): EmbedKind;

    /** By which its pieces are known again when they were copied; empty where they bear none. */
    public function stamp(): string;

    /**
     * @return non-empty-list<Piece> what is copied, in the order in which it stands on the page
     */
    public function pieces(): array;

    /**
     * What a page with a Content-Security-Policy has to allow besides what it allows itself.
     *
     * @return array<string, non-empty-list<string>> sources by directive (https://www.w3.org/TR/CSP3/#csp-directives)
     */
    public function directives(): array;
}
