<?php

declare(strict_types=1);

namespace App\Elsewhere;

use ZincPane\Core\Embeds\Strength;

/** What the stand-in for strict editors answers. */
final class EditorAnswer
{
    /**
     * @param  string  $strength  from outside
     * @return ?array{html: string, lost: list<string>} null for a strength that there is not
     */
    public function to(string $html, string $strength): ?array
    {
        $known = Strength::tryFrom($strength);
        $cleaned = $known === null ? null : StrictEditor::clean($html, $known);

        return $cleaned === null ? null : ['html' => $cleaned->html, 'lost' => $cleaned->lost];
    }
}
