<?php

declare(strict_types=1);

namespace App\Upgrading;

use App\Casts\Json;
use Illuminate\Database\Connection;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\Upgrades\Upgrades;

/** What visitors see: the frozen copies of galleries. */
final readonly class OldEditions implements Outdated
{
    public function __construct(private Connection $database)
    {
    }

    public function label(): string
    {
        return 'editions';
    }

    public function left(): array
    {
        return array_values(array_filter($this->database->table('editions')
            ->whereRaw("coalesce(json_extract(content, '$.design.schema'), ?) < ?", [Upgrades::FIRST, GalleryDesign::SCHEMA])
            ->orderBy('id')->pluck('id')->all(), is_string(...)));
    }

    public function bringUp(string|int $id): void
    {
        $this->database->transaction(function () use ($id): void {
            $content = Json::read($this->database->table('editions')->where('id', $id)->value('content'));
            $this->database->table('editions')->where('id', $id)->update(['content' => Json::write(Upgrades::all()->edition($content))]);
        });
    }
}
