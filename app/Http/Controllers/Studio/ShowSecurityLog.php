<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Models\SecurityEntry;
use App\Models\SecurityKind;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The security log, the newest first. */
final class ShowSecurityLog
{
    private const AT_ONCE = 100;

    public function __invoke(Request $request): JsonResponse
    {
        $asked = $request->query('kind');
        $kind = is_string($asked) ? SecurityKind::tryFrom($asked) : null;
        $before = $request->query('before');
        $before = is_string($before) && ctype_digit($before) ? (int) $before : 0;
        $entries = SecurityEntry::query()->latest('id')->limit(self::AT_ONCE)
            ->when($kind !== null, static fn ($query) => $query->where('kind', $kind))
            ->when($before > 0, static fn ($query) => $query->where('id', '<', $before))
            ->get();

        return new JsonResponse([
            'entries' => $entries->map(static fn (SecurityEntry $entry): array => [
                'id' => $entry->id, 'at' => $entry->created_at->toIso8601ZuluString(), 'kind' => $entry->kind->label(), 'who' => $entry->who, 'address' => $entry->address, 'says' => $entry->says,
            ])->all(),
            'more' => $entries->count() === self::AT_ONCE,
            'kinds' => array_map(static fn (SecurityKind $each): array => ['key' => $each->value, 'label' => $each->label()], SecurityKind::cases()),
        ]);
    }
}
