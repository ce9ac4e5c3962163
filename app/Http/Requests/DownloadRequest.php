<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** As what a page is taken along. */
final class DownloadRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['as' => ['required', 'string', 'in:html,zip']];
    }
}
