<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Access\People;
use Illuminate\Validation\Rule;

/** What somebody is to be. */
class RoleRequest extends StudioRequest
{
    /**
     * @return array<string, list<mixed>>
     */
    public function rules(): array
    {
        return ['role' => ['required', 'string', Rule::in(array_column(People::roles(), 'key'))]];
    }
}
