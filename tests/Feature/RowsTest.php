<?php

declare(strict_types=1);

use App\Models\GalleryItem;
use App\Models\ItemRow;
use App\Models\ItemRows;
use App\Models\Picture;
use App\Models\PictureKind;
use Illuminate\Support\Facades\Queue;
use Tests\SeededPicture;
use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Gallery\WordField;
use ZincPane\Core\Geometry\Size;

/* Where a gallery is drawn it is read as rows. They say of every item what the models of it say. */

beforeEach(function (): void {
    Queue::fake();
    $this->signIn();
    $this->gallery = $this->emptyGallery();
    $this->of = "/studio/api/galleries/{$this->gallery->id}";
    $this->pictures = array_map(SeededPicture::told(...), range(1, 6));
    $this->postJson("{$this->of}/items", ['pictures' => array_column($this->pictures, 'id')])->assertCreated();
    $this->postJson("{$this->of}/texts", ['title' => 'Come', 'text' => '<p>Sunday</p>'])->assertCreated();
});

function place(FocalPoint $point): array
{
    return [round($point->x, 6), round($point->y, 6)];
}

/** As one reads it off the models, with no word of the rows. */
function toldByModels(GalleryItem $item): array
{
    $own = $item->picture;
    $face = $own?->kind === PictureKind::Video ? $own->poster : $own;
    $word = fn (string $field): string => $item->getAttribute($field) ?? $own?->getAttribute($field) ?? '';

    return [
        'id' => $item->id, 'name' => $own->name ?? '', 'camera' => $own->camera ?? '', 'taken' => $own?->taken_at?->toIso8601String(),
        'hidden' => $item->is_hidden, 'large' => $item->is_large, 'album' => $item->album, 'html' => $own === null ? $item->text : null,
        'words' => array_map(fn (WordField $field): string => $word($field->value), WordField::cases()), 'decorative' => (bool) ($item->decorative ?? $own->decorative ?? false),
        'face' => $face?->id,
        ...($face === null ? [] : [
            'size' => [$face->width, $face->height], 'tidied' => ! $face->recipe()->isPlain(),
            'focal' => place($face->recipe()->seen(FocalPoint::of($face->focal_x, $face->focal_y), Size::of($face->original_width, $face->original_height))),
            'address' => $face->address(), 'alpha' => $face->has_alpha, 'moves' => $face->is_moving && $face->recipe()->isPlain(), 'files' => $face->renditions,
        ]),
        'video' => $own?->kind === PictureKind::Video,
    ];
}

function toldByRow(ItemRow $row): array
{
    $words = $row->words();

    return [
        'id' => $row->id(), 'name' => $row->name(), 'camera' => $row->camera(), 'taken' => $row->takenAt()?->toIso8601String(),
        'hidden' => $row->isHidden(), 'large' => $row->isLarge(), 'album' => $row->album(), 'html' => $row->html(),
        'words' => array_map(fn (WordField $field): string => $words->{$field->value}, WordField::cases()), 'decorative' => $words->decorative,
        'face' => $row->hasFace() ? $row->faceId() : null,
        ...(! $row->hasFace() ? [] : [
            'size' => [$row->size()->width, $row->size()->height], 'tidied' => $row->isTidied(), 'focal' => place($row->focal()),
            'address' => $row->address(), 'alpha' => $row->hasAlpha(), 'moves' => $row->moves(), 'files' => $row->files(),
        ]),
        'video' => $row->video() !== null,
    ];
}

it('says of every item what its models say', function (int $seed): void {
    $dice = dice($seed);
    $any = fn (array $of): mixed => $of[$dice->getInt(0, count($of) - 1)];
    $marks = [];
    for ($step = 0; $step < 25; $step++) {
        $picture = Picture::query()->findOrFail($any($this->pictures)->id);
        $item = GalleryItem::query()->where('gallery_id', $this->gallery->id)->where('picture_id', $picture->id)->firstOrFail();
        match ($dice->getInt(0, 5)) {
            0 => $item->update([$any(WordField::cases())->value => $any([null, '', 'Wind', '0'])]),
            1 => $item->update(['decorative' => $any([null, true, false]), 'is_hidden' => $any([true, false]), 'is_large' => $any([true, false]), 'album' => $any([null, 'A'])]),
            2 => $picture->update([$any(WordField::cases())->value => $any(['', 'Kite', '0']), 'decorative' => $any([true, false])]),
            3 => $picture->update(['recipe' => $any([[], ['turn' => 1], ['straighten' => 3.0, 'crop' => ['left' => 0.25, 'top' => 0.0, 'width' => 0.5, 'height' => 1.0]]]), 'focal_x' => $dice->getInt(0, 8) / 8, 'focal_y' => $dice->getInt(0, 8) / 8]),
            4 => $picture->update(['has_alpha' => $any([true, false]), 'is_moving' => $any([true, false]), 'camera' => $any(['', 'Box 2']), 'taken_at' => $any([null, '2026-03-01 12:30:00']), 'renditions' => $any([[], ['80.webp' => 12, '80.jpg' => 20]])]),
            5 => $picture->update(['kind' => $any([PictureKind::Video, PictureKind::Picture]), 'media_type' => 'video/mp4', 'poster_id' => $any([null, $this->pictures[0]->id])]),
        };
        $rows = ItemRows::of($this->gallery->id);
        $models = GalleryItem::query()->where('gallery_id', $this->gallery->id)->with('picture.poster')->orderBy('position')->get();
        $told = array_map(toldByRow(...), $rows->all);
        expect($told)->toEqual($models->map(toldByModels(...))->all(), "step {$step}");
        // By its mark one knows a state again, and never takes it for another.
        $marks[$rows->mark] ??= $told;
        expect($marks[$rows->mark])->toEqual($told)->and(ItemRows::of($this->gallery->id)->mark)->toBe($rows->mark);
    }
})->with(sample([1, 2, 3], 1));
