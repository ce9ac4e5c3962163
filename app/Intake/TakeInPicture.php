<?php

declare(strict_types=1);

namespace App\Intake;

use App\Imaging\Header;
use App\Imaging\ImagingException;
use App\Imaging\RenditionMaker;
use App\Imaging\Vips;
use App\Jobs\MakeRenditions;
use App\Models\Picture;
use App\Models\PictureState;
use Illuminate\Config\Repository;
use Illuminate\Contracts\Filesystem\Factory;
use Illuminate\Database\UniqueConstraintViolationException;
use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Delivery\Rendition;

/** Takes one file into the store: every way in comes through here. */
final readonly class TakeInPicture
{
    /** Width in px of the first rendition, made at once: it proves that the file reads to its end. */
    private const FIRST_WIDTH = 540;

    public function __construct(
        private Vips $vips,
        private RenditionMaker $maker,
        private Factory $disks,
        private Repository $config,
    ) {
    }

    /**
     * @param  string  $path  of a file that may be read, and is left as it is
     * @param  string  $givenName  as the sender called it
     * @param  array<string, string|float>  $own  words and focal point that come with it
     *
     * @throws IntakeException when the file is not a picture that can be taken; nothing was stored
     */
    public function handle(string $path, string $givenName, array $own = []): TakenIn
    {
        $name = FileName::clean($givenName);
        $type = $this->checked($path, $name);
        $hash = (string) hash_file('sha256', $path);
        $known = Picture::query()->where('hash', $hash)->first();
        if ($known !== null) {
            return $this->known($known, $name);
        }

        $header = $this->header($path, $name);
        $picture = new Picture([
            'hash' => $hash,
            'rendition_key' => substr(hash('sha256', $hash.'|'), 0, 24),
            'name' => $name,
            'media_type' => $type->value,
            'bytes' => (int) filesize($path),
            'width' => $header->seenWidth(),
            'height' => $header->seenHeight(),
            'state' => PictureState::Preparing,
            ...$own,
        ]);
        $this->makeFirst($picture, $path, $name);
        $this->store($picture, $path);
        try {
            $picture->save();
        } catch (UniqueConstraintViolationException) {
            // The same file came twice at once; the other one was a moment earlier.
            return $this->known(Picture::query()->where('hash', $hash)->firstOrFail(), $name);
        }
        MakeRenditions::dispatch($picture->id);

        return new TakenIn($picture, false, $type->fits($name) ? null : "“{$name}” is really a {$type->label()} file and was taken as one.");
    }

    /**
     * @throws IntakeException
     */
    private function checked(string $path, string $name): PictureType
    {
        $bytes = (int) filesize($path);
        $limit = $this->config->integer('zinc.limits.bytes');
        if ($bytes === 0) {
            throw IntakeException::empty($name);
        }
        if ($bytes > $limit) {
            throw IntakeException::tooLarge($name, $limit);
        }

        return PictureType::sniff($path, $name);
    }

    /**
     * @throws IntakeException
     */
    private function header(string $path, string $name): Header
    {
        try {
            $header = Header::of($this->vips, $path);
        } catch (ImagingException $exception) {
            throw IntakeException::damaged($name, $exception);
        }
        $limit = $this->config->integer('zinc.limits.megapixels');
        if ($header->megapixels() > $limit) {
            throw IntakeException::tooManyPixels($name, $header->megapixels(), $limit);
        }

        return $header;
    }

    /**
     * @throws IntakeException
     */
    private function makeFirst(Picture $picture, string $path, string $name): void
    {
        $first = new Rendition(max(1, min(self::FIRST_WIDTH, $picture->width)), Format::WebP);
        try {
            $picture->renditions = $this->maker->make($path, [$first], $this->disks->disk('renditions'), $picture->renditionFolder());
        } catch (ImagingException $exception) {
            $this->disks->disk('renditions')->deleteDirectory($picture->renditionFolder());
            throw IntakeException::damaged($name, $exception);
        }
    }

    private function store(Picture $picture, string $path): void
    {
        $disk = $this->disks->disk('originals');
        $target = $picture->originalPath();
        $beside = $target.'.'.bin2hex(random_bytes(6));
        $stream = fopen($path, 'rb');
        $disk->put($beside, $stream === false ? '' : $stream);
        $disk->move($beside, $target);
    }

    private function known(Picture $picture, string $name): TakenIn
    {
        return new TakenIn($picture, true, "“{$name}” is here already as “{$picture->name}”; it was not stored twice.");
    }
}
