<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Gallery;

/** A gallery, a page (null for every page), and after how many parts of it. */
final class PlacePaneRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return [
            'page_id' => ['present', 'nullable', 'string', 'exists:pages,id'],
            'gallery_id' => ['required', 'string', 'exists:galleries,id,deleted_at,NULL'],
            'spot' => ['required', 'integer', 'min:0'],
            ...PaneRequest::ROOM,
        ];
    }

    public function gallery(): Gallery
    {
        return Gallery::query()->findOrFail($this->string('gallery_id')->toString());
    }

    public function pageId(): ?string
    {
        $id = $this->input('page_id');

        return is_string($id) ? $id : null;
    }

    /**
     * @return ?array{phone: int, in_phone: int, wide: int, in_wide: int}
     */
    public function room(): ?array
    {
        /** @var ?array{phone: int, in_phone: int, wide: int, in_wide: int} */
        return $this->validated('room');
    }
}
