<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A request that says nothing but who asks. */
final class SignedIn extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['entry' => ['integer']];
    }
}
