<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Galleries and pages that would go live, in an address: identifiers with commas between. */
final class NextRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['galleries' => ['nullable', 'string', 'max:20000'], 'pages' => ['nullable', 'string', 'max:60000']];
    }

    /**
     * @param  'galleries'|'pages'  $key
     * @return list<string>
     */
    public function ids(string $key): array
    {
        return array_values(array_filter(explode(',', $this->string($key)->toString()), static fn (string $one): bool => $one !== ''));
    }
}
