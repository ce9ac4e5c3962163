<?php

declare(strict_types=1);

namespace App\Intake;

use finfo;

/** The types of file that are taken, told from the bytes and not from the name. */
enum FileType: string
{
    case Jpeg = 'image/jpeg';
    case Png = 'image/png';
    case WebP = 'image/webp';
    case Gif = 'image/gif';
    case Avif = 'image/avif';
    case Heic = 'image/heic';
    case Mp4 = 'video/mp4';
    case WebM = 'video/webm';
    case Zip = 'application/zip';

    /** The words of a video, which is taken under the same name (https://www.w3.org/TR/webvtt1/). */
    case WebVtt = 'text/vtt';

    /**
     * @throws IntakeException when the bytes are of no such type
     */
    public static function sniff(string $path, string $name): self
    {
        $type = (new finfo(FILEINFO_MIME_TYPE))->file($path);
        $type = is_string($type) ? $type : 'unknown';

        return match (true) {
            $type === 'image/heif' => self::Heic,
            str_starts_with($type, 'text/') && self::beginsAsWebVtt($path) => self::WebVtt,
            $type === 'video/x-m4v' => self::Mp4,
            self::tryFrom($type) !== null => self::from($type),
            str_contains($type, 'svg') => throw IntakeException::dressedUp($name, 'an SVG drawing'),
            in_array($type, ['text/html', 'text/xml', 'application/xhtml+xml'], true) => throw IntakeException::dressedUp($name, 'a web page'),
            default => throw IntakeException::notAPicture($name, $type),
        };
    }

    /** Signature of the format, perhaps after a byte order mark. */
    private static function beginsAsWebVtt(string $path): bool
    {
        return preg_match('/^(\xEF\xBB\xBF)?WEBVTT([ \t\r\n]|$)/', (string) file_get_contents($path, length: 16)) === 1;
    }

    public function isVideo(): bool
    {
        return $this === self::Mp4 || $this === self::WebM;
    }

    /** What people call it. */
    public function label(): string
    {
        return match ($this) {
            self::Jpeg => 'JPEG',
            self::Png => 'PNG',
            self::WebP => 'WebP',
            self::Gif => 'GIF',
            self::Avif => 'AVIF',
            self::Heic => 'HEIC',
            self::Mp4 => 'MP4',
            self::WebM => 'WebM',
            self::Zip => 'ZIP',
            self::WebVtt => 'WebVTT',
        };
    }

    /** The types of picture, as a sentence names them: "JPEG, PNG and GIF". */
    public static function pictures(): string
    {
        return self::listed(fn (self $type): bool => ! $type->isVideo() && $type !== self::Zip && $type !== self::WebVtt);
    }

    /** The types of video: "MP4 and WebM". */
    public static function videos(): string
    {
        return self::listed(fn (self $type): bool => $type->isVideo());
    }

    /**
     * What the chooser of a browser is to offer: endings, and the types themselves.
     *
     * @return list<string> ".jpg", "image/jpeg"
     */
    public static function offered(): array
    {
        $offered = [];
        foreach (self::cases() as $type) {
            array_push($offered, ...array_map(static fn (string $ending): string => ".{$ending}", $type->endings()), ...[$type->value]);
        }

        return $offered;
    }

    /** Whether a file of this type may bear the name. */
    public function fits(string $name): bool
    {
        return in_array(strtolower(pathinfo($name, PATHINFO_EXTENSION)), $this->endings(), true);
    }

    /**
     * @param  callable(self): bool  $wanted
     */
    private static function listed(callable $wanted): string
    {
        $labels = array_map(static fn (self $type): string => $type->label(), array_filter(self::cases(), $wanted));
        $last = array_pop($labels);

        return implode(', ', $labels)." and {$last}";
    }

    /**
     * @return non-empty-list<string>
     */
    private function endings(): array
    {
        return match ($this) {
            self::Jpeg => ['jpg', 'jpeg', 'jpe', 'jfif'],
            self::Png => ['png'],
            self::WebP => ['webp'],
            self::Gif => ['gif'],
            self::Avif => ['avif'],
            self::Heic => ['heic', 'heif'],
            self::Mp4 => ['mp4', 'm4v'],
            self::WebM => ['webm'],
            self::Zip => ['zip'],
            self::WebVtt => ['vtt'],
        };
    }
}
