<?php

declare(strict_types=1);

namespace ZincPane\Core\Wording;

/** Words that say that a picture is a picture, as people write them in front of what it shows, in the languages of our users. */
final class Fillers
{
    /** By language: articles and the like, words for a picture, and what leads on from there; each the inside of a regular expression. */
    private const LANGUAGES = [
        'en' => ['(?:this|here) is|an?|the|this', 'image|picture|photo|photograph|pic|snapshot|screenshot|graphic|illustration', 'of|showing|that shows|which shows|shows|with|depicting|from|taken'],
        'de' => ['dies(?:es)? ist|das ist|hier ist|eine?|das|die|dieses?|diese', 'bild|foto|fotografie|photo|aufnahme|abbildung|grafik|bildschirmfoto|schnappschuss', 'von|vom|des|der|einer|eines|mit|zeigt|das|die|auf dem|auf der'],
        'fr' => ['c.est|voici|une?|la|le|l.|cette|ce', 'image|photo|photographie|illustration|cliché|capture d.écran', 'de|du|des|montrant|montre|représentant|représente|avec|qui montre|où'],
        'es' => ['est[ao] es|una?|la|el|esta|este', 'imagen|foto|fotografía|ilustración|captura(?: de pantalla)?', 'de|del|mostrando|muestra|que muestra|con|donde'],
        'it' => ['questa è|questo è|una?|un.|la|il|l.|questa|questo', 'immagine|foto|fotografia|illustrazione|scatto|schermata', 'di|del|della|dello|dei|delle|che mostra|mostra|con|raffigurante'],
        'nl' => ['dit is|een|de|het|deze|dit', 'afbeelding|foto|plaatje|beeld|illustratie|schermafbeelding', 'van|met|waarop|die|toont|laat'],
    ];

    /** How a picture was made, in front of the word for it. */
    private const KINDS = 'close[- ]?up|black[- ]and[- ]white|colou?r|stock|header|hero|banner|thumbnail|profile|cover|preview|beautiful|nice|great|blurry|schwarz[- ]?wei(?:ß|ss)|schöne[sr]?|belle|beau|bella|mooie|nah';

    /** Words that stand where nobody wrote any. */
    private const NOTHING = 'untitled|unnamed|undefined|null|none|nil|nan|n\\/?a|tbd|todo|tba|test|xxx|placeholder|alt(?:ernative)?(?: text)?|no (?:alt|description|caption|title)|description|caption|lorem ipsum.*|ohne titel|unbenannt|kein titel|sans titre|sin título|sin titulo|senza titolo|zonder titel|naamloos|image|logo|icon|spacer|decorative';

    /** Whether a text says only that there is a picture, or nothing at all. */
    public static function saysNothing(string $text): bool
    {
        return preg_match('/^[^\p{L}\p{N}]*(?:'.self::NOTHING.')?[^\p{L}]*$/iu', $text) === 1 && preg_match('/^\P{L}*\p{N}+\P{L}*$/u', $text) !== 1
            || preg_match(self::pattern('[^\p{L}]*$'), $text) === 1;
    }

    /** Whether a text begins with words that a screen reader says already. */
    public static function beginWith(string $text): bool
    {
        return preg_match(self::pattern(null), $text) === 1;
    }

    /** A text without the words that it begins with and that a screen reader says already. */
    public static function without(string $text): string
    {
        $rest = trim((string) preg_replace(self::pattern(null), '', $text), " \t\n\r:–—-");

        return mb_strtoupper(mb_substr($rest, 0, 1)).mb_substr($rest, 1);
    }

    /**
     * @param  ?string  $end  what comes after the word for a picture; null for what leads on
     */
    private static function pattern(?string $end): string
    {
        $each = [];
        foreach (self::LANGUAGES as [$articles, $nouns, $leads]) {
            $kinds = self::KINDS;
            $after = $end ?? "(?:\\s+(?:\\d+\\s+)?(?:{$leads})(?![\\p{L}\\p{N}])|\\s+d[’']|\\s*[:–—]|\\s+-\\s)";
            // An apostrophe has no blank behind it.
            $each[] = "(?:(?:{$articles})(?:\\s+|(?<=[’'])))*(?:(?:{$kinds})[,\\s]+){0,3}(?:{$nouns})(?![\\p{L}\\p{N}]){$after}";
        }

        return '/^[^\p{L}\p{N}]*(?:'.implode('|', $each).')/iu';
    }
}
