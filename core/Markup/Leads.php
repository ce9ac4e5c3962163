<?php

declare(strict_types=1);

namespace ZincPane\Core\Markup;

use ZincPane\Core\Delivery\Addresses;
use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Delivery\Rendition;
use ZincPane\Core\Delivery\RenditionPlan;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Viewer\ClickAct;
use ZincPane\Core\Viewer\Download;
use ZincPane\Core\Wording\FileWords;

/** Where the tiles of one gallery lead, with and without a script. */
final readonly class Leads
{
    /** Most letters of the name that a file is saved under, before its ending. */
    private const LONGEST = 60;

    private Download $download;

    private bool $hasPages;

    public function __construct(private FrozenGallery $gallery, private Addresses $addresses)
    {
        $this->download = $gallery->design->viewer->giving->download;
        $this->hasPages = $gallery->key !== '' && $gallery->makesPages();
    }

    /**
     * The address that a tile's link has; null where a click does nothing.
     *
     * @param  int  $place  of the item in the gallery
     */
    public function of(ShownPicture $picture, int $place, ClickAct $act): ?string
    {
        return match ($act) {
            ClickAct::Nothing => null,
            ClickAct::Address => $picture->words->link,
            ClickAct::File => $this->file($picture),
            default => $this->hasPages ? $this->page($place) : $this->file($picture),
        };
    }

    /** The file that visitors are given: what they may download, else a large picture. */
    public function file(ShownPicture $picture): string
    {
        $worded = $this->worded($picture);

        return $this->addresses->of(match (true) {
            $picture->video !== null => $picture->video->address,
            $worded !== null => "{$picture->address}/{$worded}",
            $this->download->isOriginal() && $picture->ending !== '' => "{$picture->address}/{$this->download->fileStem()}.{$picture->ending}",
            default => $picture->addressOf(self::large($picture)),
        });
    }

    /** The name of the file that is given with words in it; null where none is. */
    public function worded(ShownPicture $picture): ?string
    {
        if (! $this->gallery->design->viewer->giving->bearsWords() || $picture->video !== null) {
            return null;
        }
        $ending = $this->download === Download::Large ? Format::Jpeg->value : $picture->ending;
        $words = FileWords::of($picture->words, $picture->facts->rights, $picture->facts->licence);

        return $ending !== '' && ! $words->isEmpty() ? "{$words->fileStem()}.{$ending}" : null;
    }

    /** Null where nothing may be downloaded. */
    public function download(ShownPicture $picture): ?string
    {
        return $this->download === Download::None ? null : $this->file($picture);
    }

    /** The name that a downloaded file is saved under: "red-kite.jpg". */
    public function fileName(ShownPicture $picture, int $place): string
    {
        $file = $this->file($picture);
        $named = trim(mb_substr(preg_replace('/[^\p{L}\p{M}\p{N}]+/u', '-', mb_strtolower($picture->words->title)) ?? '', 0, self::LONGEST), '-');

        return ($named === '' ? 'picture-'.($place + 1) : $named).strrchr($file, '.');
    }

    /** A file that is published, as it is named from here. */
    public function asset(string $path): string
    {
        return $this->addresses->of($path);
    }

    /** Path of the page of an item, from the top of what is published. */
    public static function pagePath(FrozenGallery $gallery, int $place): string
    {
        return "pictures/{$gallery->key}/{$gallery->key($place)}";
    }

    private function page(int $place): string
    {
        return $this->addresses->ofPage(self::pagePath($this->gallery, $place));
    }

    /** For whoever reads no WebP, and for machines. */
    public static function large(ShownPicture $picture): Rendition
    {
        return new Rendition(RenditionPlan::linkWidth($picture->size), Format::Jpeg);
    }
}
