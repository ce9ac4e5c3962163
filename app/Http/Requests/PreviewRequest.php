<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A preview of a page, with spots for a gallery. */
final class PreviewRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['gallery' => ['nullable', 'string', 'exists:galleries,id']];
    }

    public function galleryId(): ?string
    {
        $id = $this->string('gallery')->toString();

        return $id === '' ? null : $id;
    }
}
