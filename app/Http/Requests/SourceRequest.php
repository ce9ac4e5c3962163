<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Intake\Sources\SourceQuery;
use ZincPane\Core\Colour\Oklab;

/** What is looked for in a source. */
final class SourceRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['words' => ['string', 'max:200'], 'category' => ['string', 'max:80'], 'colour' => ['string', 'regex:/^[0-9a-fA-F]{6}$/'], 'new' => ['boolean']];
    }

    public function sourceQuery(): SourceQuery
    {
        $colour = $this->string('colour')->toString();

        return new SourceQuery(
            $this->string('words')->toString(),
            $this->string('category')->toString(),
            $colour === '' ? null : Oklab::fromRgb((int) hexdec($colour)),
            $this->boolean('new'),
        );
    }
}
