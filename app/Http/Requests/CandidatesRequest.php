<?php

declare(strict_types=1);

namespace App\Http\Requests;

use ZincPane\Core\Measuring\Weights;
use ZincPane\Core\Settings\SettingException;

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
     * @throws SettingException when one is unknown or out of its range
     */
    public function weights(): Weights
    {
        return Weights::fromArray(array_map(intval(...), $this->array('weights')));
    }
}
