<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Validation\ValidationException;

/** Something that one's own password is asked for once more. */
final class PasswordRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['password' => ['required', 'string', 'max:200'], 'new' => ['string', 'max:1000']];
    }

    /**
     * @throws ValidationException when the password is not right
     */
    public function confirmed(): User
    {
        /** @var User $user */
        $user = $this->user();
        if (! resolve(Hasher::class)->check($this->string('password')->toString(), $user->password)) {
            throw ValidationException::withMessages(['password' => 'This is not your password. Try again.']);
        }

        return $user;
    }
}
