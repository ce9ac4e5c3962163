<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Picture;
use App\Models\PictureKind;
use Illuminate\Validation\Validator;
use ZincPane\Core\Cropping\FocalPoint;
use ZincPane\Core\Gallery\ChangeException;
use ZincPane\Core\Gallery\ItemWords;
use ZincPane\Core\Settings\SettingException;
use ZincPane\Core\Tidying\Recipe;

/** What is changed of a picture itself: own words, focal point, recipe, poster of a video. */
final class ChangePictureRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return [
            'words' => ['array'],
            'keywords' => ['string', 'max:2000'],
            'focal' => ['nullable', 'array', 'size:2'],
            'focal.*' => ['numeric', 'min:0', 'max:1'],
            'recipe' => ['array'],
            'poster' => ['nullable', 'string', 'exists:pictures,id'],
        ];
    }

    /**
     * @return list<callable(Validator): void>
     */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $poster = $this->filled('poster') ? Picture::query()->find($this->string('poster')->toString()) : null;
            if ($poster?->kind === PictureKind::Video) {
                $validator->errors()->add('poster', 'A video cannot be the poster of another. Choose a picture.');
            }
        }];
    }

    /**
     * @return array<string, string|bool|null> by field, those that were sent
     *
     * @throws ChangeException when one cannot be
     */
    public function words(): array
    {
        /** @var array<string, mixed> $words */
        $words = $this->input('words', []);
        $clean = array_intersect_key(ItemWords::parse($words)->toArray(), $words);

        return array_map(static fn (string|bool|null $word): string|bool => $word ?? '', $clean);
    }

    /**
     * @throws SettingException when a value is out of its range
     */
    public function recipe(): ?Recipe
    {
        return $this->has('recipe') ? Recipe::fromArray($this->input('recipe')) : null;
    }

    /** On the picture as it is seen. */
    public function focal(): ?FocalPoint
    {
        /** @var ?array{float|int|string, float|int|string} $focal */
        $focal = $this->input('focal');

        return $focal === null ? null : FocalPoint::of((float) $focal[0], (float) $focal[1]);
    }
}
