<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Elsewhere\PageReader;

/** HTML of somebody else's page, to be looked at. */
final class HtmlRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['html' => ['present', 'string', 'max:'.PageReader::LARGEST], 'strength' => ['sometimes', 'string']];
    }

    public function html(): string
    {
        return $this->string('html')->toString();
    }
}
