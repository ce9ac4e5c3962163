<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Pane;
use ZincPane\Core\Design\TileSize;
use ZincPane\Core\Settings\SettingException;

/** Gives the tiles of one pane a size of their own. */
final readonly class ResizePane
{
    public function __construct(private QueueMissingRenditions $missing)
    {
    }

    /**
     * @param  mixed  $size  a name or px; null is as the gallery has it
     *
     * @throws SettingException when it is no size
     */
    public function handle(Pane $pane, mixed $size): void
    {
        $pane->update(['tile_size' => $size === null ? null : TileSize::of($size)->value]);
        $this->missing->handle($pane->gallery);
    }
}
