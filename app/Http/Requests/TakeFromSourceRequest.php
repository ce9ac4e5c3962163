<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Gallery;

/** Pictures of a source that are wanted, and the gallery they are for. */
final class TakeFromSourceRequest extends StudioRequest
{
    /**
     * @return array<string, list<string|Identifiers>>
     */
    public function rules(): array
    {
        return ['files' => ['required', 'array', 'max:500', new Identifiers], 'gallery' => ['nullable', 'string', 'exists:galleries,id']];
    }

    /**
     * @return list<string>
     */
    public function files(): array
    {
        /** @var array<string> $files */
        $files = $this->validated('files');

        return array_values($files);
    }

    public function gallery(): ?Gallery
    {
        return $this->filled('gallery') ? Gallery::query()->find($this->string('gallery')->toString()) : null;
    }
}
