<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;

/** A request of someone who is signed in. */
abstract class StudioRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    public function userId(): ?string
    {
        $user = $this->user();

        return $user instanceof User ? $user->id : null;
    }
}
