<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Why a snag is meant to be so. */
final class MeantRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['word' => ['required', 'string']];
    }
}
