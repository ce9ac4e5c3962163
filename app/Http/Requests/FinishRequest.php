<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Gallery;

/** A gallery whose finish is to be kept, and under what name. */
final class FinishRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['gallery' => ['required', 'string'], 'name' => [$this->isMethod('post') ? 'present' : 'sometimes', 'nullable', 'string']];
    }

    public function gallery(): Gallery
    {
        return Gallery::query()->findOrFail($this->string('gallery')->toString());
    }
}
