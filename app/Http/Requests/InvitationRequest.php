<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Whom to invite, and as what. */
final class InvitationRequest extends RoleRequest
{
    /**
     * @return array<string, list<mixed>>
     */
    public function rules(): array
    {
        return [...parent::rules(), 'email' => ['required', 'string', 'email', 'max:200']];
    }
}
