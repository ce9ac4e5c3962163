<?php

declare(strict_types=1);

namespace ZincPane\Core\Wording;

use ZincPane\Core\Gallery\WordField;

/**
 * What a file says of itself, told from its tags as ExifTool names them. Where several say the
 * same kind of thing, XMP goes before IPTC-IIM and that before EXIF, as the Metadata Working Group
 * advises ("Guidelines for Handling Image Metadata", 2.0, 2010).
 */
final readonly class FileFacts
{
    /** By field of the words, the tags that may hold it, the best first. */
    private const WORDS = [
        'title' => ['XMP-dc:Title', 'IPTC:ObjectName', 'IFD0:XPTitle', 'XMP-photoshop:Headline', 'IPTC:Headline'],
        'caption' => ['XMP-dc:Description', 'IPTC:Caption-Abstract', 'IFD0:ImageDescription', 'IFD0:XPComment', 'ExifIFD:UserComment'],
        'alt' => ['XMP-iptcCore:AltTextAccessibility'],
        'description' => ['XMP-iptcCore:ExtDescrAccessibility'],
        'credit' => ['XMP-photoshop:Credit', 'IPTC:Credit', 'XMP-dc:Creator', 'IPTC:By-line', 'IFD0:Artist', 'IFD0:XPAuthor'],
    ];

    private const KEYWORDS = ['XMP-dc:Subject', 'IPTC:Keywords', 'IFD0:XPKeywords'];

    private const RIGHTS = ['XMP-dc:Rights', 'IPTC:CopyrightNotice', 'IFD0:Copyright'];

    private const LENS = ['ExifIFD:LensModel', 'XMP-aux:Lens', 'XMP-exifEX:LensModel'];

    /** Names of a place, from the smallest to the largest. */
    private const PLACE = ['XMP-iptcCore:Location', 'IPTC:Sub-location', 'XMP-photoshop:City', 'IPTC:City', 'XMP-photoshop:Country', 'IPTC:Country-PrimaryLocationName'];

    /** Where on earth it was taken, or where what is to be seen is. */
    private const POSITION = ['GPS:GPSLatitude', 'XMP-exif:GPSLatitude', 'ItemList:GPSCoordinates', 'Keys:GPSCoordinates', 'UserData:GPSCoordinates'];

    /** What programs that write XMP left of IPTC-IIM when they wrote it, and what it is now: where they differ, IPTC-IIM was changed since. */
    private const DIGESTS = ['Photoshop:IPTCDigest', 'File:CurrentIPTCDigest'];

    /** Tags that may be told in several languages, each with the language behind its name. */
    private const IN_LANGUAGES = ['XMP-dc:Title', 'XMP-dc:Description', 'XMP-dc:Rights', 'XMP-iptcCore:AltTextAccessibility', 'XMP-iptcCore:ExtDescrAccessibility'];

    /** All tags that are read; an asterisk stands for any language. */
    public const TAGS = [
        'XMP-dc:Title-*', 'XMP-dc:Description-*', 'XMP-dc:Rights-*', 'XMP-iptcCore:AltTextAccessibility-*', 'XMP-iptcCore:ExtDescrAccessibility-*', 'XMP-dc:Title', 'IPTC:ObjectName', 'IFD0:XPTitle', 'XMP-photoshop:Headline', 'IPTC:Headline', 'XMP-dc:Description', 'IPTC:Caption-Abstract',
        'IFD0:ImageDescription', 'XMP-iptcCore:AltTextAccessibility', 'XMP-iptcCore:ExtDescrAccessibility', 'XMP-photoshop:Credit', 'IPTC:Credit',
        'XMP-dc:Creator', 'IPTC:By-line', 'IFD0:Artist', 'XMP-dc:Subject', 'IPTC:Keywords', 'IFD0:XPKeywords', 'XMP-dc:Rights', 'IPTC:CopyrightNotice',
        'IFD0:Copyright', 'IFD0:XPComment', 'IFD0:XPAuthor', 'ExifIFD:UserComment', ...self::DIGESTS, ...CaptureTime::TAGS, ...self::LENS, ...self::PLACE, ...self::POSITION, 'ExifIFD:FNumber', 'ExifIFD:ExposureTime', 'ExifIFD:ISO', 'ExifIFD:FocalLength', 'IFD0:Make', 'IFD0:Model', 'ImageWidth', 'ImageHeight', 'Duration', 'Rotation',
    ];

    /** Most characters of a lens, and of a place. */
    private const LONGEST = 120;

    /** What cameras write where a person would describe the picture. */
    private const NOISE = '/^\W*$|digital (still )?camera|^[A-Z0-9 ]+ DSC$|^(x-default|default|untitled|unnamed|unknown|none|null|image|picture|photo|ascii|unicode|exif_jpeg_picture|jpe?g|charset\W.*|(created|made|processed|edited|scanned|shot|exported) (with|by|on) .*)$/iu';

    /**
     * @param  array<string, string>  $words  by field, plain text
     * @param  array<string, int>  $cut  by field, the characters of what was longer than it takes
     * @param  list<string>  $keywords
     * @param  ?int  $takenAt  seconds since 1970, the camera's clock read as if it were UTC
     * @param  ?CaptureTime  $time  the same with parts of a second and the zone
     * @param  ?array{int, int}  $size  px, of a video as it is seen
     * @param  ?float  $seconds  length of a video
     * @param  string  $exposure  "f/4, 1/250 s, ISO 200, 35 mm"
     * @param  string  $place  by name
     * @param  bool  $tellsPlace  whether the file tells where it was taken, by name or as a position
     */
    private function __construct(
        public array $words,
        public array $cut,
        public array $keywords,
        public string $rights,
        public string $camera,
        public ?int $takenAt,
        public ?array $size,
        public ?float $seconds,
        public string $lens = '',
        public string $exposure = '',
        public string $place = '',
        public ?CaptureTime $time = null,
        public bool $tellsPlace = false,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $tags  values by group and name
     */
    public static function of(array $tags): self
    {
        $tags = self::inOneLanguage($tags);
        $words = $cut = [];
        foreach (self::WORDS as $field => $names) {
            $text = self::first($tags, $names);
            if ($text === '') {
                continue;
            }
            $longest = WordField::from($field)->longest();
            $words[$field] = mb_substr($text, 0, $longest);
            if (mb_strlen($text) > $longest) {
                $cut[$field] = $text;
            }
        }
        if (isset($cut['caption']) && ! isset($words['description'])) {
            // There is room for it, and nothing is lost.
            $words['description'] = mb_substr($cut['caption'], 0, WordField::Description->longest());
        }
        $time = CaptureTime::of($tags);

        return new self(
            $words,
            array_map(mb_strlen(...), $cut),
            self::keywordsOf($tags),
            mb_substr(self::first($tags, self::RIGHTS), 0, 250),
            mb_substr(self::cameraOf($tags), 0, 120),
            $time?->seconds,
            self::sizeOf($tags),
            self::length(self::first($tags, ['QuickTime:Duration', 'Matroska:Duration', 'Composite:Duration'])),
            mb_substr(self::first($tags, self::LENS), 0, self::LONGEST),
            self::exposureOf($tags),
            mb_substr(self::placeOf($tags), 0, self::LONGEST),
            $time,
            self::first($tags, [...self::POSITION, ...self::PLACE]) !== '',
        );
    }

    /**
     * @param  array<array-key, mixed>  $tags
     * @param  list<string>  $names
     */
    private static function first(array $tags, array $names): string
    {
        if (self::isOlderInXmp($tags)) {
            usort($names, static fn (string $one, string $other): int => str_starts_with($other, 'IPTC:') <=> str_starts_with($one, 'IPTC:'));
        }
        foreach ($names as $name) {
            $value = $tags[$name] ?? null;
            $text = is_array($value) ? implode(', ', array_filter($value, is_scalar(...))) : (is_scalar($value) ? (string) $value : '');
            $text = trim((string) preg_replace('/[^\P{C}\n]+/u', ' ', self::readable($text)));
            if ($text !== '' && preg_match(self::NOISE, $text) !== 1) {
                return $text;
            }
        }

        return '';
    }

    /**
     * Whether IPTC-IIM was changed since XMP was written, by a program that knows no XMP ("Guidelines for Handling Image Metadata", 2.0, 3.4).
     *
     * @param  array<array-key, mixed>  $tags
     */
    private static function isOlderInXmp(array $tags): bool
    {
        [$then, $now] = array_map(static fn (string $name): mixed => $tags[$name] ?? '', self::DIGESTS);

        return is_string($then) && is_string($now) && $then !== '' && $now !== '' && $then !== $now;
    }

    /**
     * What is told in other languages only is told in English where it is, else in the first there is.
     *
     * @param  array<array-key, mixed>  $tags
     * @return array<array-key, mixed>
     */
    private static function inOneLanguage(array $tags): array
    {
        foreach (self::IN_LANGUAGES as $name) {
            $told = array_filter($tags, static fn (string|int $tag): bool => is_string($tag) && str_starts_with($tag, "{$name}-"), ARRAY_FILTER_USE_KEY);
            uksort($told, static fn (string|int $one, string|int $other): int => str_starts_with((string) $other, "{$name}-en") <=> str_starts_with((string) $one, "{$name}-en"));
            if ($told !== [] && self::readable(is_scalar($tags[$name] ?? null) ? (string) $tags[$name] : '') === '') {
                $tags[$name] = reset($told);
            }
        }

        return $tags;
    }

    /** Text as it was meant: what is no UTF-8 was written in Latin-1, or in what Windows made of it; and what is read as Latin-1 may have been UTF-8. */
    private static function readable(string $text): string
    {
        if (! mb_check_encoding($text, 'UTF-8')) {
            return mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
        }
        if (preg_match('/[\x{80}-\x{FF}\x{152}-\x{2122}]/u', $text) !== 1) {
            return $text;
        }
        $bytes = mb_convert_encoding($text, 'Windows-1252', 'UTF-8');

        return mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252') === $text && mb_check_encoding($bytes, 'UTF-8') ? $bytes : $text;
    }

    /**
     * @param  array<array-key, mixed>  $tags
     * @return list<string>
     */
    private static function keywordsOf(array $tags): array
    {
        $keywords = [];
        foreach (preg_split('/\s*[,;]\s*/u', self::first($tags, self::KEYWORDS)) ?: [] as $keyword) {
            if ($keyword !== '' && preg_match(self::NOISE, $keyword) !== 1) {
                $keywords[mb_strtolower($keyword)] = mb_substr($keyword, 0, 60);
            }
        }

        return array_slice(array_values($keywords), 0, 60);
    }

    /**
     * @param  array<array-key, mixed>  $tags
     */
    private static function cameraOf(array $tags): string
    {
        $make = self::first($tags, ['IFD0:Make']);
        $model = self::first($tags, ['IFD0:Model']);

        // Many models repeat their maker.
        return $make === '' || stripos($model, $make) === 0 ? $model : trim("{$make} {$model}");
    }

    /**
     * Aperture, time, sensitivity and focal length, as photographers write them.
     *
     * @param  array<array-key, mixed>  $tags
     */
    private static function exposureOf(array $tags): string
    {
        $number = static fn (string $name): float => is_numeric($tags["ExifIFD:{$name}"] ?? null) ? (float) $tags["ExifIFD:{$name}"] : 0.0;
        $plain = static fn (float $value): string => rtrim(rtrim(number_format($value, 1, '.', ''), '0'), '.');
        $time = $number('ExposureTime');
        $told = [
            $number('FNumber') > 0 ? 'f/'.$plain($number('FNumber')) : '',
            // From a third of a second on, it is told in seconds.
            $time <= 0 ? '' : ($time >= 0.3 ? $plain($time) : '1/'.round(1 / $time)).' s',
            $number('ISO') > 0 ? 'ISO '.round($number('ISO')) : '',
            $number('FocalLength') > 0 ? $plain($number('FocalLength')).' mm' : '',
        ];

        return implode(', ', array_filter($told, static fn (string $part): bool => $part !== ''));
    }

    /**
     * @param  array<array-key, mixed>  $tags
     */
    private static function placeOf(array $tags): string
    {
        $named = [];
        foreach (array_chunk(self::PLACE, 2) as $names) {
            $named[] = self::first($tags, $names);
        }

        return implode(', ', array_unique(array_filter($named, static fn (string $part): bool => $part !== '')));
    }

    /** Of a video: plain seconds, or hours, minutes and seconds. */
    private static function length(string $given): ?float
    {
        return match (true) {
            is_numeric($given) => (float) $given,
            preg_match('/^(\d+):(\d\d):(\d\d(?:\.\d+)?)$/', $given, $part) === 1 => 3600 * (int) $part[1] + 60 * (int) $part[2] + (float) $part[3],
            default => null,
        };
    }

    /**
     * @param  array<array-key, mixed>  $tags
     * @return ?array{int, int}
     */
    private static function sizeOf(array $tags): ?array
    {
        $width = $height = 0;
        $turned = false;
        foreach ($tags as $name => $value) {
            $part = substr((string) strrchr((string) $name, ':'), 1);
            $number = is_numeric($value) ? (int) $value : 0;
            $width = $part === 'ImageWidth' && $number > 0 ? $number : $width;
            $height = $part === 'ImageHeight' && $number > 0 ? $number : $height;
            $turned = $turned || ($part === 'Rotation' && $number % 180 === 90);
        }

        return match (true) {
            $width < 1 || $height < 1 => null,
            $turned => [$height, $width],
            default => [$width, $height],
        };
    }
}
