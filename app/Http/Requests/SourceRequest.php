<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Intake\Sources\SourceQuery;

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
        return SourceQuery::of($this->string('words')->toString(), $this->string('category')->toString(), $this->string('colour')->toString(), $this->boolean('new'));
    }
}
