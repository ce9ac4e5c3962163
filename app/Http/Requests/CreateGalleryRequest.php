<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A gallery to begin. */
final class CreateGalleryRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['title' => ['required', 'string']];
    }
}
