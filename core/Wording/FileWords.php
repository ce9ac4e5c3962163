<?php

declare(strict_types=1);

namespace ZincPane\Core\Wording;

use ZincPane\Core\Gallery\Words;

/**
 * Words that go with a file when it is given away, as tags that FileFacts reads (IPTC Photo Metadata Standard, in XMP
 * and IPTC-IIM): what it is called and shows, whose it is, and how it may be used. Never a place.
 */
final readonly class FileWords
{
    /** By what is said, the tags that say it, as ExifTool names them. */
    private const TAGS = [
        'title' => ['XMP-dc:Title', 'IPTC:ObjectName'],
        'alt' => ['XMP-iptcCore:AltTextAccessibility'],
        'caption' => ['XMP-dc:Description', 'IPTC:Caption-Abstract'],
        'credit' => ['XMP-dc:Creator', 'IPTC:By-line', 'XMP-photoshop:Credit', 'IPTC:Credit'],
        'rights' => ['XMP-dc:Rights', 'IPTC:CopyrightNotice'],
        'licence' => ['XMP-xmpRights:UsageTerms'],
    ];

    /** What says of an original whose it is, by the tag that says the same of a published file: cameras and older programs have places of their own. */
    private const KEPT = [
        'XMP-dc:Title' => ['IPTC:ObjectName'],
        'XMP-iptcCore:AltTextAccessibility' => [],
        'XMP-dc:Creator' => ['EXIF:Artist', 'IPTC:By-line'],
        'XMP-photoshop:Credit' => ['IPTC:Credit'],
        'XMP-dc:Rights' => ['EXIF:Copyright', 'IPTC:CopyrightNotice'],
        'XMP-xmpRights:UsageTerms' => [],
        'XMP-xmpRights:WebStatement' => [],
    ];

    /** Bytes that IPTC-IIM takes of each (IIM 4.2); XMP takes all of it. */
    private const LONGEST = ['IPTC:ObjectName' => 64, 'IPTC:Caption-Abstract' => 2000, 'IPTC:By-line' => 32, 'IPTC:Credit' => 32, 'IPTC:CopyrightNotice' => 128];

    /** Hexadecimal digits by which a file with these words is told from one with others. */
    private const STAMP = 8;

    /**
     * @param  array<string, string>  $said  by what it says; nothing is empty
     */
    private function __construct(private array $said)
    {
    }

    public static function of(Words $words, string $rights, string $licence): self
    {
        $said = ['title' => $words->title, 'alt' => $words->decorative ? '' : $words->alt, 'caption' => $words->caption, 'credit' => $words->credit, 'rights' => $rights, 'licence' => $licence];

        return new self(array_filter(array_map(static fn (string $text): string => trim((string) preg_replace('/[\p{C}\s]+/u', ' ', mb_scrub($text, 'UTF-8'))), $said), static fn (string $text): bool => $text !== ''));
    }

    public function isEmpty(): bool
    {
        return $this->said === [];
    }

    /**
     * @return array<string, string> by tag
     */
    public function tags(): array
    {
        $tags = [];
        foreach ($this->said as $what => $text) {
            foreach (self::TAGS[$what] as $tag) {
                $tags[$tag] = isset(self::LONGEST[$tag]) ? mb_strcut($text, 0, self::LONGEST[$tag], 'UTF-8') : $text;
            }
        }
        if (preg_match('~https?://\S+~', $this->said['licence'] ?? '', $found) === 1) {
            $tags['XMP-xmpRights:WebStatement'] = rtrim($found[0], '.,;)');
        }

        return $tags;
    }

    /**
     * What published files keep where that is wanted: in XMP, which JPEG and WebP both bear. Never a place, a time or a camera.
     *
     * @return list<array{string, string}> tag of the file, and tag of the original that tells it; of several for one the last that is there
     */
    public static function kept(): array
    {
        $kept = [];
        foreach (self::KEPT as $tag => $elsewhere) {
            foreach ([...$elsewhere, $tag] as $from) {
                $kept[] = [$tag, $from];
            }
        }

        return $kept;
    }

    /** The name of such a file before its ending: other words, another name. */
    public function fileStem(): string
    {
        return 'worded-'.substr(hash('sha256', serialize($this->said)), 0, self::STAMP);
    }
}
