<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Proofing\GalleryFinishes;

/** Which of the ready things is looked at. */
final class FinishesRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['view' => ['in:'.implode(',', GalleryFinishes::VIEWS)]];
    }

    public function view(): string
    {
        return $this->string('view', GalleryFinishes::VIEWS[0])->toString();
    }
}
