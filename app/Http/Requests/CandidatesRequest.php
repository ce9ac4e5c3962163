<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Proofing\GalleryCandidates;

/** What counts when a layout is looked for. */
final class CandidatesRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['view' => ['in:'.implode(',', GalleryCandidates::VIEWS)], 'weights' => ['array'], 'weights.*' => ['integer']];
    }

    public function view(): string
    {
        return $this->string('view', 'candidates')->toString();
    }

    /**
     * @return array<array-key, int>
     */
    public function weights(): array
    {
        return array_map(static fn (mixed $weight): int => is_numeric($weight) ? (int) $weight : 0, $this->array('weights'));
    }
}
