<?php

declare(strict_types=1);

namespace App\Upgrading;

use App\Casts\Json;
use Illuminate\Database\ConnectionInterface;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\Upgrades\Upgrades;

/** Acts in the journals, with what takes them back. */
final readonly class OldEntries implements Outdated
{
    public function __construct(private ConnectionInterface $database)
    {
    }

    public function label(): string
    {
        return 'acts in the histories';
    }

    public function left(): array
    {
        return array_values($this->database->table('journal_entries')->where('schema', '<', GalleryDesign::SCHEMA)->orderBy('id')->pluck('id')->map(intval(...))->all());
    }

    public function bringUp(string|int $id): void
    {
        $this->database->transaction(function () use ($id): void {
            $entry = $this->database->table('journal_entries')->where('id', $id)->first(['change', 'inverse', 'schema']);
            if ($entry === null) {
                return;
            }
            $schema = (int) $entry->schema;
            $upgrades = Upgrades::all();
            $this->database->table('journal_entries')->where('id', $id)->update([
                'change' => Json::write($upgrades->change(Json::read($entry->change), $schema)),
                'inverse' => Json::write($upgrades->change(Json::read($entry->inverse), $schema)),
                'schema' => GalleryDesign::SCHEMA,
            ]);
        });
    }
}
