<?php

declare(strict_types=1);

namespace App\Intake;

use App\Faults\Cause;
use App\Faults\MachineException;
use App\Imaging\ImagingException;
use RuntimeException;
use Throwable;
use ZincPane\Core\Foreign;

/** A file that is not taken in: names the file, says why and what to do. */
final class IntakeException extends RuntimeException
{
    private function __construct(public readonly string $reason, string $message, ?Throwable $previous = null)
    {
        parent::__construct($message, 0, $previous);
    }

    public static function empty(string $name): self
    {
        return new self('empty-file', self::named($name).' is empty (0 bytes). Copy it again from where it came from.');
    }

    /** The same refusal as before, told again. */
    public static function asBefore(string $reason, string $message): self
    {
        return new self($reason, $message);
    }

    public static function tooLarge(string $name, int $limit): self
    {
        $megabytes = max(1, intdiv($limit, 1024 * 1024));

        return new self('file-too-large', self::named($name)." is larger than {$megabytes} MB, the most that is taken. Save it smaller and try again.");
    }

    public static function tooLargeForOneRequest(string $name, int $limit): self
    {
        $megabytes = intdiv($limit, 1024 * 1024);

        return new self('file-too-large', self::named($name)." is larger than {$megabytes} MB, the most that one request takes. Send it in parts (POST uploads).");
    }

    public static function notAPicture(string $name, string $mediaType): self
    {
        return new self('not-a-picture', self::named($name).' is not a picture that is taken here ('.Foreign::word($mediaType).'). '.FileType::pictures().' are, and '.FileType::videos().' videos.');
    }

    public static function dressedUp(string $name, string $really): self
    {
        return new self('not-a-picture', self::named($name)." is {$really}, not a photograph, and is not taken for safety. Save it as JPEG or PNG.");
    }

    public static function tooManyPixels(string $name, float $megapixels, int $limit): self
    {
        return new self('too-many-pixels', self::named($name).' has '.round($megapixels)." megapixels; at most {$limit} are taken. Save it smaller and try again.");
    }

    public static function noZip(string $name): self
    {
        return new self('damaged-file', self::named($name).' cannot be opened as a ZIP. Pack it again.');
    }

    public static function tooManyEntries(string $name, int $entries, int $most): self
    {
        return new self('too-many-entries', self::named($name)." has {$entries} files in it; at most {$most} are taken. Pack it in several ZIPs.");
    }

    public static function leadsOut(string $name): self
    {
        return new self('unsafe-entry', self::named($name).' has a name that leads out of the ZIP and is not taken.');
    }

    public static function isLink(string $name): self
    {
        return new self('unsafe-entry', self::named($name).' is a link and not a file, and is not taken.');
    }

    public static function isLocked(string $name): self
    {
        return new self('unsafe-entry', self::named($name).' is locked with a password. Pack it without one.');
    }

    public static function bomb(string $name): self
    {
        return new self('unsafe-entry', self::named($name).' grows more than a hundredfold when it is unpacked, as no picture does, and is not taken.');
    }

    public static function damaged(string $name, ?Throwable $previous = null): self
    {
        return new self('damaged-file', self::named($name).' is damaged or cut off: it could not be read to its end. Copy it again from where it came from.', $previous);
    }

    /** Why a tool could not read a file: a refusal where the file is to blame, another where the machine is. */
    public static function by(ImagingException $exception, string $name): self|MachineException
    {
        $cause = Cause::of($exception);

        return match (true) {
            $cause !== null => new MachineException($cause, $exception),
            $exception->isTooMuch() => new self('says-too-much', self::named($name).' holds more words about itself than any camera writes, and is not taken for safety. Save it anew, without its metadata.', $exception),
            default => self::damaged($name, $exception),
        };
    }

    public static function wrongChecksum(string $name): self
    {
        return new self('damaged-file', self::named($name).' is not what was packed: its checksum in the ZIP is another. Pack it again from the original.');
    }

    public static function noVideo(string $name): self
    {
        return new self('damaged-file', self::named($name).' cannot be read as a video. Export it again as MP4 (H.264) or WebM.');
    }

    public static function noVideoForWords(string $name): self
    {
        return new self('no-video', self::named($name).' holds the words of a video, and no video of the same name is here. Send the video first, or both together.');
    }

    public static function noWords(string $name): self
    {
        return new self('damaged-file', self::named($name).' has no line with times in it (00:01.000 --> 00:04.000). Export it again as WebVTT.');
    }

    public static function zipInside(string $name): self
    {
        return new self('not-a-picture', self::named($name).' is a ZIP inside a ZIP and is not opened. Put its pictures into the outer one.');
    }

    public static function notSent(string $name): self
    {
        return new self('not-sent', self::named($name).' did not arrive whole. Try again.');
    }

    private static function named(string $name): string
    {
        return '“'.Foreign::word($name).'”';
    }
}
