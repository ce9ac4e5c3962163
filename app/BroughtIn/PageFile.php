<?php

declare(strict_types=1);

namespace App\BroughtIn;

use Masterminds\HTML5\Parser\Scanner;

/** A page as it came, byte for byte, with the places where a gallery can stand. */
final readonly class PageFile
{
    /** Bytes of one page at most. */
    public const LARGEST = 2 * 1024 * 1024;

    /** Bytes as they are counted by a parser that would read another encoding otherwise: of them only the tags matter. */
    private const PLAIN = ["\r" => ' ', "\0" => ' ', '&' => ' ', "\f" => ' '];

    /**
     * @param  list<int>  $spots  bytes
     * @param  int  $head  byte where a line of the head goes
     * @param  int  $end  byte where a line of the body goes
     * @param  list<string>  $ids  that its elements have
     * @param  list<string>  $notes  what is otherwise here than elsewhere, in words
     */
    private function __construct(public string $html, public string $title, public array $spots, public int $head, public int $end, public array $ids, public array $notes)
    {
    }

    /**
     * @param  string  $name  of the file, for refusals
     *
     * @throws BroughtInException when it is no page that galleries can be placed on
     */
    public static function read(string $html, string $name): self
    {
        if (strlen($html) > self::LARGEST) {
            throw BroughtInException::tooLarge($name, strlen($html), self::LARGEST);
        }
        if (preg_match('/^(?:\xFF\xFE|\xFE\xFF)/', $html) === 1 || substr_count(substr($html, 0, 1000), "\0") > 100) {
            throw BroughtInException::utf16($name);
        }
        $finder = new SpotFinder;
        $plain = (string) preg_replace('/[\x80-\xFF]/', 'x', strtr($html, self::PLAIN));
        (new TagTokenizer(new Scanner($plain), $finder))->parse();
        $spots = self::apart(array_map(static fn (int $byte): int => min($byte, strlen($html)), $finder->spots()), $plain);

        return match (true) {
            ! $finder->hasTags => throw BroughtInException::noHtml($name),
            $finder->hasFrames => throw BroughtInException::frames($name),
            $finder->base !== null => throw BroughtInException::base($name, $finder->base),
            default => new self(
                $html,
                self::titleOf($html),
                $spots === [] ? [$finder->bodyEnd ?? strlen($html)] : $spots,
                $finder->headEnd ?? $finder->bodyBegin ?? ($spots[0] ?? strlen($html)),
                $finder->bodyEnd ?? strlen($html),
                array_map(strval(...), array_keys($finder->ids)),
                self::notes($finder),
            ),
        };
    }

    /**
     * Places with nothing between them are one.
     *
     * @param  list<int>  $spots
     * @return list<int>
     */
    private static function apart(array $spots, string $plain): array
    {
        $apart = [];
        $last = null;
        foreach ($spots as $spot) {
            if ($last === null || strspn($plain, " \n\t", $last, $spot - $last) < $spot - $last) {
                $apart[] = $spot;
            }
            $last = $spot;
        }

        return $apart;
    }

    /** The charset that it says it is in; null where it does not. */
    public static function charsetOf(string $html): ?string
    {
        return match (true) {
            str_starts_with($html, "\xEF\xBB\xBF") => 'utf-8',
            preg_match('/<meta\b[^>]*\bcharset\s*=\s*["\']?\s*([\w-]+)/i', substr($html, 0, 4096), $found) === 1 => strtolower($found[1]),
            default => null,
        };
    }

    private static function titleOf(string $html): string
    {
        if (preg_match('~<title\b[^>]*>(.*?)</title~is', $html, $found) !== 1) {
            return '';
        }
        $charset = self::charsetOf($html);
        $known = $charset !== null && in_array($charset, array_map(strtolower(...), mb_list_encodings()), true) ? $charset : (mb_check_encoding($found[1], 'UTF-8') ? 'UTF-8' : 'Windows-1252');
        $words = html_entity_decode(mb_scrub((string) mb_convert_encoding($found[1], 'UTF-8', $known), 'UTF-8'), ENT_QUOTES | ENT_HTML5, 'UTF-8');

        return trim((string) preg_replace('/\s+/u', ' ', strip_tags($words)));
    }

    /**
     * @return list<string>
     */
    private static function notes(SpotFinder $finder): array
    {
        $notes = [];
        $scripts = $finder->scripts + $finder->handlers;
        if ($scripts > 0) {
            $notes[] = ($scripts === 1 ? 'A script' : "{$scripts} scripts").' of the page stay in its file, and do not run here.';
        }
        if ($finder->elsewhere !== []) {
            $notes[] = count($finder->elsewhere).' of its files lie with other hosts, and are not shown here: '.implode(', ', array_slice(array_unique(array_map(static fn (string $address): string => (string) parse_url($address, PHP_URL_HOST), $finder->elsewhere)), 0, 3)).'.';
        }

        return $notes;
    }

    /**
     * The same bytes, with something put in at its places.
     *
     * @param  array<int, string>  $spots  HTML by number of the place
     * @param  string  $head  a line of the head; empty for none
     * @param  string  $end  a line at the end of the body; empty for none
     */
    public function with(array $spots, string $head, string $end): string
    {
        /** @var array<int, string> $put by byte */
        $put = [];
        foreach ($spots as $spot => $html) {
            $byte = $this->spots[$spot] ?? $this->end;
            $put[$byte] = ($put[$byte] ?? '').self::inAscii($html);
        }
        $put[$this->head] = ($head === '' ? '' : self::styleInAscii($head)."\n").($put[$this->head] ?? '');
        $put[$this->end] = ($put[$this->end] ?? '').($end === '' ? '' : $end."\n");
        ksort($put);
        $written = '';
        $at = 0;
        foreach ($put as $byte => $html) {
            $written .= substr($this->html, $at, $byte - $at).$html;
            $at = $byte;
        }

        return $written.substr($this->html, $at);
    }

    /** Readable in whatever encoding the page is in. */
    private static function inAscii(string $html): string
    {
        return mb_encode_numericentity($html, [0x80, 0x10FFFF, 0, 0x1FFFFF], 'UTF-8');
    }

    /** The same for style sheets, where entities are none (https://www.w3.org/TR/css-syntax-3/#consume-escaped-code-point). */
    private static function styleInAscii(string $html): string
    {
        return (string) preg_replace_callback('/[^\x00-\x7F]/u', static fn (array $found): string => sprintf('\\%x ', mb_ord($found[0], 'UTF-8')), $html);
    }
}
