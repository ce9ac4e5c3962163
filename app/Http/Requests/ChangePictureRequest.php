<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Limits;
use App\Models\Picture;
use App\Models\PictureKind;
use Illuminate\Validation\Validator;

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
            'keywords' => ['string', 'max:'.Limits::keywords()],
            'focal' => ['nullable', 'list', 'size:2'],
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
            $poster = $this->filled('poster') && is_string($this->input('poster')) ? Picture::query()->find($this->string('poster')->toString()) : null;
            if ($poster?->kind === PictureKind::Video) {
                $validator->errors()->add('poster', 'A video cannot be the poster of another. Choose a picture.');
            }
        }];
    }

    /**
     * What was sent of it; the core says whether it can be.
     *
     * @return array<string, mixed>
     */
    public function facts(): array
    {
        /** @var array<string, mixed> $facts */
        $facts = $this->only(['words', 'keywords', 'poster', 'focal', 'recipe']);

        return $facts;
    }
}
