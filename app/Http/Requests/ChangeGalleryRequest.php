<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Intake\RichText;

/** A change of a gallery and the version it was made on; the core says whether it can be made. */
final class ChangeGalleryRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['version' => ['required', 'integer', 'min:1'], 'change' => ['required', 'array'], 'change.kind' => ['required', 'string'], 'own' => ['array', 'max:1000'], 'own.*' => ['integer']];
    }

    /**
     * Versions that this window made since the one its change is made on: nothing in them is another's.
     *
     * @return list<int>
     */
    public function own(): array
    {
        return array_map(intval(...), array_values($this->array('own')));
    }

    /**
     * As it came, but for what a text may not hold.
     *
     * @return array<string, mixed>
     */
    public function change(): array
    {
        /** @var array<string, mixed> $change */
        $change = $this->input('change');
        if ($change['kind'] === 'text' && is_string($change['text'] ?? null)) {
            $change['text'] = RichText::cleaned($change['text']);
        }

        return $change;
    }
}
