<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Limits;
use App\Intake\RichText;

/** A small piece of text for a gallery. */
final class TextRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['title' => ['string', 'max:'.Limits::title()], 'text' => ['required', 'string', 'max:'.RichText::LONGEST]];
    }

    /** HTML of a few marks. */
    public function cleaned(): string
    {
        return RichText::cleaned($this->string('text')->toString());
    }
}
