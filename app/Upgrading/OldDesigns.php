<?php

declare(strict_types=1);

namespace App\Upgrading;

use App\Casts\Json;
use App\Models\GalleryItem;
use Illuminate\Database\Connection;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\Upgrades\Upgrades;

/** Designs of galleries; which items are large stood among them once, and belongs to the items. */
final readonly class OldDesigns implements Outdated
{
    public function __construct(private Connection $database)
    {
    }

    public function label(): string
    {
        return 'designs of galleries';
    }

    public function left(): array
    {
        return array_values(array_filter($this->database->table('galleries')
            ->whereRaw("coalesce(json_extract(design, '$.schema'), ?) < ?", [Upgrades::FIRST, GalleryDesign::SCHEMA])
            ->orderBy('id')->pluck('id')->all(), is_string(...)));
    }

    public function bringUp(string|int $id): void
    {
        $this->database->transaction(function () use ($id): void {
            $old = Json::read($this->database->table('galleries')->where('id', $id)->value('design'));
            $large = is_array($old['layout'] ?? null) && is_array($old['layout']['large'] ?? null) ? $old['layout']['large'] : [];
            if ($large !== []) {
                GalleryItem::query()->where('gallery_id', $id)->whereIn('id', $large)->update(['is_large' => true]);
            }
            $this->database->table('galleries')->where('id', $id)->update(['design' => Json::write(Upgrades::all()->design($old))]);
        });
    }
}
