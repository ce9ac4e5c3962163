<?php

declare(strict_types=1);

namespace ZincPane\Core\Formats;

use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Markup\Leads;

/** What machines are told of one picture of a gallery: no more than visitors see. */
final readonly class PictureRecord
{
    public string $title;

    public string $caption;

    public string $description;

    public string $credit;

    public string $rights;

    public string $licence;

    public ?int $takenAt;

    /**
     * @param  int  $place  of the item in the gallery
     */
    public function __construct(public FrozenGallery $gallery, public int $place, public ShownPicture $picture, private Publisher $publisher)
    {
        $words = $picture->words;
        $shown = $gallery->design->viewer->words;
        $this->title = $words->title;
        $this->caption = $shown->caption ? $words->caption : '';
        $this->description = $shown->description ? $words->description : '';
        $this->credit = $shown->credit ? $words->credit : '';
        $this->rights = $shown->rights ? $picture->facts->rights : '';
        $this->licence = $shown->rights ? $picture->facts->licence : '';
        $this->takenAt = $shown->date ? $picture->facts->takenAt : null;
    }

    /**
     * @return list<self> of all pictures of a gallery, in their order
     */
    public static function all(FrozenGallery $gallery, Publisher $publisher): array
    {
        $records = [];
        foreach ($gallery->items as $place => $item) {
            $item instanceof ShownPicture ? $records[] = new self($gallery, $place, $item, $publisher) : null;
        }

        return $records;
    }

    /** Its alt text; empty where it is decorative. */
    public function alt(): string
    {
        return $this->picture->words->decorative ? '' : $this->picture->words->alt;
    }

    /** The first that says something. */
    public function says(): string
    {
        return $this->caption !== '' ? $this->caption : ($this->description !== '' ? $this->description : $this->alt());
    }

    public function large(): string
    {
        return $this->publisher->whole($this->picture->addressOf(Leads::large($this->picture)));
    }

    /** The video, or the picture large. */
    public function content(): string
    {
        return $this->picture->video === null ? $this->large() : $this->publisher->whole($this->picture->video->address);
    }

    /** Of its own page; null where it has none. */
    public function page(): ?string
    {
        return $this->gallery->key !== '' && $this->gallery->makesPages() ? $this->publisher->whole(Leads::pagePath($this->gallery, $this->place)) : null;
    }

    /** As an address, where the licence is told by one. */
    public function licenceAddress(): ?string
    {
        return preg_match('~https?://\S+~', $this->licence, $found) === 1 ? rtrim($found[0], '.,;)') : null;
    }

    public function acquire(): ?string
    {
        return $this->publisher->acquire;
    }
}
