<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;
use ZincPane\Core\Colour\PerceptualHash;
use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Delivery\Rendition;
use ZincPane\Core\Edition\PictureFacts;
use ZincPane\Core\Gallery\Item;
use ZincPane\Core\Gallery\Words;
use ZincPane\Core\Geometry\Size;
use ZincPane\Core\Tidying\Recipe;
use ZincPane\Core\Viewer\ClickAct;

/** An item of a gallery with its picture, as the database gave them. */
final class ItemRow
{
    /** @var array<string, int>|null */
    private ?array $files = null;

    private ?Item $core = null;

    /**
     * @param  array<array-key, mixed>  $row  columns of the item under i_, of the picture under p_, of what is drawn of it under f_
     */
    public function __construct(private readonly array $row)
    {
    }

    public function id(): string
    {
        return $this->text('i_id');
    }

    /** Of the file, as it came; empty of a text. */
    public function name(): string
    {
        return $this->text('p_name');
    }

    public function camera(): string
    {
        return $this->text('p_camera');
    }

    public function takenAt(): ?Carbon
    {
        return $this->text('p_taken_at') === '' ? null : Carbon::parse($this->text('p_taken_at'), 'UTC');
    }

    public function album(): ?string
    {
        return is_string($this->row['i_album']) ? $this->row['i_album'] : null;
    }

    /** Whether no visitor is to see it: it is hidden here, or its picture was taken offline everywhere. */
    public function isHidden(): bool
    {
        return (bool) $this->row['i_is_hidden'] || $this->row['p_offline_at'] !== null || $this->row['f_offline_at'] !== null;
    }

    public function isLarge(): bool
    {
        return (bool) $this->row['i_is_large'];
    }

    /** Cleaned HTML of an item that is no picture; null of one that is. */
    public function html(): ?string
    {
        return $this->row['i_picture_id'] === null ? $this->text('i_text') : null;
    }

    /** The words in force: the gallery's where it has some, else the picture's own. */
    public function words(): Words
    {
        return $this->toCore()->words->over($this->ownWords());
    }

    /** Of the picture itself. */
    public function ownWords(): Words
    {
        return new Words(
            $this->text('p_title'), $this->text('p_caption'), $this->text('p_alt'), $this->text('p_description'),
            $this->text('p_link'), $this->text('p_credit'), (bool) $this->row['p_decorative'],
        );
    }

    public function toCore(): Item
    {
        if ($this->core !== null) {
            return $this->core;
        }
        $own = [];
        foreach (GalleryItem::OF_CORE as $column) {
            $own[$column] = $this->row["i_{$column}"];
        }

        return $this->core = GalleryItem::coreOf($own);
    }

    /** Whether there is something to draw of it: a picture, or one that stands for a video. */
    public function hasFace(): bool
    {
        return $this->row['f_id'] !== null;
    }

    public function faceId(): string
    {
        return $this->text('f_id');
    }

    public function hasFailed(): bool
    {
        return $this->row['f_state'] === PictureState::Failed->value;
    }

    /** Why its files could not be made; null where they could. */
    public function failure(): ?string
    {
        return $this->hasFailed() ? $this->text('f_failure') : null;
    }

    public function look(): ?PerceptualHash
    {
        return $this->text('f_look') === '' ? null : PerceptualHash::parse($this->text('f_look'));
    }

    /** Where its original lies on its disk; null of a text. */
    public function originalPath(): ?string
    {
        return $this->text('p_hash') === '' ? null : OriginalName::pathOf($this->text('p_hash'));
    }

    public function tellsPlace(): bool
    {
        return (bool) $this->row['p_tells_place'];
    }

    /** As it is seen. */
    public function size(): Size
    {
        return Size::of($this->whole('f_width'), $this->whole('f_height'));
    }

    public function isTidied(): bool
    {
        return ! in_array($this->row['f_recipe'], ['{}', '[]'], true);
    }

    /** Where it is on the picture as it is seen. */
    public function focal(): FocalPoint
    {
        $point = FocalPoint::of($this->share('f_focal_x'), $this->share('f_focal_y'));

        return $this->isTidied()
            ? Recipe::fromArray(json_decode($this->text('f_recipe'), true))->seen($point, Size::of($this->whole('f_original_width'), $this->whole('f_original_height')))
            : $point;
    }

    /** Of its folder of renditions, from the root of the host. */
    public function address(): string
    {
        return Picture::addressOf($this->text('f_rendition_key'));
    }

    /** The colour one would name first; null where none was found, or something shows through. */
    public function colour(): ?string
    {
        return $this->hasAlpha() || $this->text('f_colour') === '' ? null : $this->text('f_colour');
    }

    public function hasAlpha(): bool
    {
        return (bool) $this->row['f_has_alpha'];
    }

    public function moves(): bool
    {
        return (bool) $this->row['f_is_moving'] && ! $this->isTidied();
    }

    public function click(): ?ClickAct
    {
        return ClickAct::tryFrom($this->text('i_click'));
    }

    public function facts(): PictureFacts
    {
        return new PictureFacts(
            $this->text('p_camera'), $this->text('p_lens'), $this->text('p_exposure'), $this->takenAt()?->getTimestamp(),
            $this->text('p_place'), $this->text('p_rights'), $this->text('p_licence'),
        );
    }

    /** Of the original's name; empty of a video, which is published as it is. */
    public function ending(): string
    {
        return $this->row['p_kind'] === PictureKind::Picture->value ? OriginalName::endingOf($this->text('p_media_type')) : '';
    }

    /** @return ?array{string, string, ?string} address, media type and address of the words of the video that a click plays */
    public function video(): ?array
    {
        $type = $this->text('p_media_type');
        $folder = Picture::addressOf($this->text('p_rendition_key'));

        return $this->row['p_kind'] === PictureKind::Video->value ? [
            $folder.'/'.Picture::videoFileOf($type), $type, $this->text('p_track') === '' ? null : $folder.'/'.Picture::TRACK,
        ] : null;
    }

    /**
     * @return array<string, int> bytes of the files there are, by name
     */
    public function files(): array
    {
        /** @var array<string, int> */
        return $this->files ??= (array) json_decode($this->text('f_renditions'), true);
    }

    /**
     * The files there are, from narrow to wide.
     *
     * @return list<Rendition>
     */
    public function renditions(): array
    {
        $made = [];
        foreach ($this->files() as $file => $bytes) {
            $made[] = new Rendition(max(1, (int) $file), Format::from(substr((string) strrchr($file, '.'), 1)), $bytes);
        }
        usort($made, static fn (Rendition $a, Rendition $b): int => $a->width <=> $b->width);

        return $made;
    }

    private function text(string $column): string
    {
        return is_string($this->row[$column]) ? $this->row[$column] : '';
    }

    private function whole(string $column): int
    {
        return is_numeric($this->row[$column]) ? max(1, (int) $this->row[$column]) : 1;
    }

    private function share(string $column): float
    {
        return is_numeric($this->row[$column]) ? (float) $this->row[$column] : 0.5;
    }
}
