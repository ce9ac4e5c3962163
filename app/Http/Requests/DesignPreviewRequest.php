<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A part of a design to look at, as JSON in the address. */
final class DesignPreviewRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['design' => ['required', 'json']];
    }

    /**
     * @return array<array-key, mixed>
     */
    public function design(): array
    {
        $part = json_decode($this->string('design')->toString(), true);

        return is_array($part) ? $part : ['' => $part];
    }
}
