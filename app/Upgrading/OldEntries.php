<?php

declare(strict_types=1);

namespace App\Upgrading;

use App\Casts\Json;
use Illuminate\Database\Connection;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\Upgrades\Upgrades;

/** Acts in the journals, with what takes them back. */
final readonly class OldEntries implements Outdated
{
    public function __construct(private Connection $database)
    {
    }

    public function label(): string
    {
        return 'acts in the histories';
    }

    public function left(): array
    {
        return array_values(array_filter($this->database->table('journal_entries')->where('schema', '<', GalleryDesign::SCHEMA)->orderBy('id')->pluck('id')->all(), is_int(...)));
    }

    public function bringUp(string|int $id): void
    {
        $this->database->transaction(function () use ($id): void {
            /** @var (\stdClass&object{change: string, inverse: string, schema: int})|null $entry */
            $entry = $this->database->table('journal_entries')->where('id', $id)->first(['change', 'inverse', 'schema']);
            if ($entry === null) {
                return;
            }
            $schema = $entry->schema;
            $upgrades = Upgrades::all();
            $this->database->table('journal_entries')->where('id', $id)->update([
                'change' => Json::write($upgrades->change(Json::read($entry->change), $schema)),
                'inverse' => Json::write($upgrades->change(Json::read($entry->inverse), $schema)),
                'schema' => GalleryDesign::SCHEMA,
            ]);
        });
    }
}
