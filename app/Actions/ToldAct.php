<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\EntryState;
use App\Models\JournalEntry;
use App\Models\SiteEntry;

/** An act as it is told to people, whether of a gallery or of the pages. */
final class ToldAct
{
    /**
     * What a button would take back or do again, and whose it is where it is another person's.
     *
     * @return ?array{entry: int, says: string, by: ?string}
     */
    public static function button(JournalEntry|SiteEntry|null $entry, int|string|null $userId): ?array
    {
        if ($entry === null) {
            return null;
        }
        $isOwn = $entry->user_id === null || $entry->user_id === $userId;

        return ['entry' => $entry->id, 'says' => $entry->summary, 'by' => $isOwn ? null : $entry->user->name ?? 'somebody'];
    }

    /**
     * A line of the history.
     *
     * @return array{id: int, says: string, at: string, by: ?string, undone: bool}
     */
    public static function line(JournalEntry|SiteEntry $entry): array
    {
        return ['id' => $entry->id, 'says' => $entry->summary, 'at' => $entry->created_at->toIso8601String(), 'by' => $entry->user->name ?? null, 'undone' => $entry->state === EntryState::Undone];
    }
}
