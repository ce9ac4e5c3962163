<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Which state of a page is to be looked at. */
final class LookRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['of' => ['required', 'string', 'in:draft,live']];
    }
}
