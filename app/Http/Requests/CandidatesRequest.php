<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** What counts when a layout is looked for. */
final class CandidatesRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['weights' => ['array'], 'weights.*' => ['integer']];
    }

    /**
     * @return array<array-key, int>
     */
    public function weights(): array
    {
        return array_map(intval(...), $this->array('weights'));
    }
}
