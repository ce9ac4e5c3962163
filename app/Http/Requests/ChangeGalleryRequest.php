<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Asking;
use App\Intake\RichText;

/** A change of a gallery and the version it was made on; the core says whether it can be made. */
final class ChangeGalleryRequest extends StudioRequest
{
    /**
     * @return array<string, list<string|Identifiers>>
     */
    public function rules(): array
    {
        return ['version' => ['required', 'integer', 'min:1'], 'change' => ['required', 'array'], 'change.kind' => ['required', 'string'], 'key' => ['string', 'max:64'], 'tried' => ['array', 'max:1000', new Identifiers], 'own' => ['array', 'max:1000'], 'own.*' => ['integer']];
    }

    /** What the window asks by, which may have heard no answer the first time. */
    public function asking(): Asking
    {
        /** @var list<string> $tried */
        $tried = array_values($this->array('tried'));

        return new Asking(array_map(static fn (mixed $version): int => is_numeric($version) ? (int) $version : 0, array_values($this->array('own'))), $this->has('key') ? $this->string('key')->toString() : null, $tried);
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
