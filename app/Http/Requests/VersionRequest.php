<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** An act on a gallery, with the version the person saw. */
final class VersionRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['version' => ['required', 'integer', 'min:1'], 'entry' => ['integer']];
    }
}
