<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Gallery;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Settings\SettingException;

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

    /**
     * @throws SettingException when a setting is unknown or out of its range
     */
    public function designFor(Gallery $gallery): GalleryDesign
    {
        return GalleryDesign::fromArray($gallery->design)->with(['layout' => json_decode($this->string('layout')->toString(), true)]);
    }
}
