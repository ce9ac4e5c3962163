<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A recipe to be looked at, as JSON in the address, so that the browser keeps what it saw. */
final class TidyPreviewRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['recipe' => ['required', 'json', 'max:500']];
    }

    public function recipe(): mixed
    {
        return json_decode($this->string('recipe')->toString(), true);
    }
}
