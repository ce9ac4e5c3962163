<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** How large tiles are on one page; null is as the gallery has it. */
final class PaneSizeRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['tile_size' => ['present', 'nullable']];
    }
}
