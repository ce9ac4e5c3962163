<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** What is to go live: galleries with the versions that the person saw, and pages. */
final class LiveRequest extends StudioRequest
{
    /**
     * @return array<string, list<string|Identifiers>>
     */
    public function rules(): array
    {
        return [
            'galleries' => ['present', 'array', 'max:500'], 'galleries.*' => ['integer', 'min:1'],
            'pages' => ['present', 'array', 'max:2000', new Identifiers],
        ];
    }

    /**
     * @return array<string, int> versions by gallery
     */
    public function versions(): array
    {
        /** @var array<string, int> */
        return $this->validated('galleries');
    }

    /**
     * @return list<string>
     */
    public function pages(): array
    {
        /** @var array<string> $pages */
        $pages = $this->validated('pages');

        return array_values($pages);
    }
}
