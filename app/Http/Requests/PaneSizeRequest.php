<?php

declare(strict_types=1);

namespace App\Http\Requests;

use ZincPane\Core\Design\TileSize;
use ZincPane\Core\Settings\SettingException;

/** How large tiles are on one page; null is as the gallery has it. */
final class PaneSizeRequest extends StudioRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['tile_size' => ['present', 'nullable']];
    }

    /**
     * @throws SettingException when it is no size
     */
    public function size(): ?TileSize
    {
        $given = $this->input('tile_size');

        return $given === null ? null : TileSize::of($given);
    }
}
