<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A stretch of the history: what was done before an act, or the newest. */
final class HistoryRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['before' => ['nullable', 'integer', 'min:1']];
    }

    public function before(): ?int
    {
        return $this->filled('before') ? $this->integer('before') : null;
    }
}
