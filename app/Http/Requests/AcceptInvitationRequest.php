<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** The link, and who it is that comes in. */
final class AcceptInvitationRequest extends FormRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['token' => ['required', 'string', 'max:100'], 'name' => ['required', 'string', 'max:80'], 'password' => ['required', 'string', 'max:1000']];
    }
}
