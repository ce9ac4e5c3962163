<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A part of a layout to look at, as JSON in the address. */
final class LayoutPreviewRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['layout' => ['required', 'json']];
    }

    public function layout(): mixed
    {
        return json_decode($this->string('layout')->toString(), true);
    }
}
