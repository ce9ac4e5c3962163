<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\CommentState;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;

/** What is to become of a comment. */
final class CommentRequest extends StudioRequest
{
    /**
     * @return array<string, list<string|Enum>>
     */
    public function rules(): array
    {
        return ['state' => ['required', 'string', Rule::enum(CommentState::class)]];
    }

    public function state(): CommentState
    {
        return CommentState::from($this->string('state')->toString());
    }
}
