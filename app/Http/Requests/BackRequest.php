<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A point of the history to go back to; of a gallery with the version that the person saw. */
final class BackRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['entry' => ['required', 'integer', 'min:1'], 'version' => [$this->route('gallery') === null ? 'nullable' : 'required', 'integer', 'min:1']];
    }
}
