<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** The parts of a page, and what the person saw before. */
final class PartsRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['parts' => ['present'], 'seen' => ['required', 'string']];
    }
}
