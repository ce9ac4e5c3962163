<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** An act on a gallery, with the version the person saw. */
final class VersionRequest extends StudioRequest
{
    /**
     * @return array<string, list<string|Identifiers>>
     */
    public function rules(): array
    {
        return ['version' => ['required', 'integer', 'min:1'], 'entry' => ['integer'], 'pages' => ['array', 'max:2000', new Identifiers]];
    }

    /**
     * @return list<string> pages that go live besides
     */
    public function pages(): array
    {
        /** @var array<string> $pages */
        $pages = $this->validated('pages', []);

        return array_values($pages);
    }
}
