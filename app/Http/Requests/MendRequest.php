<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A change that is only looked at. */
final class MendRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['change' => ['required', 'array'], 'change.kind' => ['required', 'string']];
    }

    /**
     * @return array<array-key, mixed>
     */
    public function change(): array
    {
        return $this->array('change');
    }
}
