<?php

declare(strict_types=1);

namespace ZincPane\Core\Wording;

/**
 * When a picture was taken, as its file tells: what the clock showed, parts of a second, and how far the clock was from UTC.
 *
 * Dates may leave off day and month (XMP, after ISO 8601) or have blanks there (Exif 3.0, 4.6.5); times may leave off the
 * seconds. What was never set (all zeros, the first second of 1970 or of 1904, at which clocks begin) is no time.
 */
final readonly class CaptureTime
{
    /** Tags that hold a time, the best first; with those that hold its parts of a second and its zone. */
    private const TIMES = [
        'ExifIFD:DateTimeOriginal' => ['ExifIFD:SubSecTimeOriginal', ['ExifIFD:OffsetTimeOriginal', 'ExifIFD:OffsetTime']],
        'XMP-exif:DateTimeOriginal' => [null, []],
        'XMP-photoshop:DateCreated' => [null, []],
        'IPTC:DateCreated' => [null, []],
        'ExifIFD:CreateDate' => ['ExifIFD:SubSecTimeDigitized', ['ExifIFD:OffsetTimeDigitized', 'ExifIFD:OffsetTime']],
        'XMP-xmp:CreateDate' => [null, []],
        'Keys:CreationDate' => [null, []],
        'QuickTime:CreateDate' => [null, []],
    ];

    /** A date of IPTC-IIM has its time beside it. */
    private const BESIDE = ['IPTC:DateCreated' => 'IPTC:TimeCreated'];

    /** QuickTime tells UTC (ISO/IEC 14496-12, 8.2.2). */
    private const IN_UTC = 'QuickTime:CreateDate';

    /** All tags that are read. */
    public const TAGS = [
        'ExifIFD:DateTimeOriginal', 'ExifIFD:SubSecTimeOriginal', 'ExifIFD:OffsetTimeOriginal', 'ExifIFD:OffsetTime', 'XMP-exif:DateTimeOriginal', 'XMP-photoshop:DateCreated',
        'IPTC:DateCreated', 'IPTC:TimeCreated', 'ExifIFD:CreateDate', 'ExifIFD:SubSecTimeDigitized', 'ExifIFD:OffsetTimeDigitized', 'XMP-xmp:CreateDate', 'Keys:CreationDate', 'QuickTime:CreateDate',
    ];

    /** Minutes that a zone is from UTC at most. */
    private const FARTHEST = 14 * 60;

    /**
     * @param  int  $seconds  since 1970, the clock read as if it were UTC; before 1970 below 0
     * @param  int  $milliseconds  0 to 999
     * @param  ?int  $offset  minutes that the clock was ahead of UTC; null when it is not told
     */
    private function __construct(public int $seconds, public int $milliseconds, public ?int $offset)
    {
    }

    /**
     * @param  array<array-key, mixed>  $tags  values by group and name, as ExifTool has them
     */
    public static function of(array $tags): ?self
    {
        foreach (self::TIMES as $name => [$part, $zones]) {
            $beside = self::BESIDE[$name] ?? null;
            $time = self::parsed(trim(self::text($tags, $name).($beside === null ? '' : ' '.self::text($tags, $beside))));
            if ($time === null) {
                continue;
            }
            $offset = $time->offset ?? ($name === self::IN_UTC ? 0 : null);
            foreach ($zones as $zone) {
                $offset ??= self::offset(self::text($tags, $zone));
            }
            $digits = $part === null ? '' : self::text($tags, $part);

            return new self($time->seconds, ctype_digit($digits) ? self::thousandths($digits) : $time->milliseconds, $offset);
        }

        return null;
    }

    private static function parsed(string $text): ?self
    {
        $pattern = '/^(\d{4})(?:[:\-](\d\d|  )(?:[:\-](\d\d|\s{0,2}))?)?(?:[T ]+(\d\d):(\d\d)(?::(\d\d)(?:[.,](\d+))?)?)?\s*(Z|[+\-]\d\d:?\d\d)?$/';
        if (preg_match($pattern, $text, $part, PREG_UNMATCHED_AS_NULL) !== 1) {
            return null;
        }
        [$year, $month, $day] = [(int) $part[1], self::orFirst($part[2]), self::orFirst($part[3])];
        [$hour, $minute, $second] = [(int) $part[4], (int) $part[5], (int) $part[6]];
        if (! checkdate($month, $day, $year) || $hour > 23 || $minute > 59 || $second > 60) {
            return null;
        }
        $seconds = gmmktime($hour, $minute, $second, $month, $day, $year);
        // Clocks that were never set begin here.
        if ($seconds === false || $seconds === 0 || $seconds === gmmktime(0, 0, 0, 1, 1, 1904)) {
            return null;
        }

        return new self($seconds, self::thousandths($part[7] ?? ''), self::offset($part[8] ?? ''));
    }

    private static function orFirst(?string $digits): int
    {
        return $digits === null || trim($digits) === '' ? 1 : (int) $digits;
    }

    private static function offset(string $text): ?int
    {
        if ($text === 'Z') {
            return 0;
        }
        if (preg_match('/^([+\-])(\d\d):?(\d\d)$/', $text, $part) !== 1) {
            return null;
        }
        $minutes = 60 * (int) $part[2] + (int) $part[3];

        return $minutes > self::FARTHEST || $part[3] > '59' ? null : ($part[1] === '-' ? -$minutes : $minutes);
    }

    /** Of a decimal fraction's digits. */
    private static function thousandths(string $digits): int
    {
        return (int) substr(str_pad($digits, 3, '0'), 0, 3);
    }

    /**
     * @param  array<array-key, mixed>  $tags
     */
    private static function text(array $tags, string $name): string
    {
        $value = $tags[$name] ?? '';

        // Exif strings end with zeros, and parts of a second may be a number.
        return is_scalar($value) ? trim((string) $value, "\0 \t\r\n") : '';
    }
}
