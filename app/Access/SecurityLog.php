<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\SecurityEntry;
use App\Models\SecurityKind;
use App\Models\User;
use Illuminate\Http\Request;
use ZincPane\Core\Foreign;

/** Notes down who came in, who was refused, what was deleted and put live. */
final readonly class SecurityLog
{
    /** Days that lines are kept. */
    public const KEPT_DAYS = 400;

    /** Characters of what it says. */
    private const LONGEST = 390;

    public function __construct(private Request $request)
    {
    }

    /**
     * @param  ?User  $who  null for whoever is signed in
     */
    public function note(SecurityKind $kind, string $says, ?User $who = null): void
    {
        $asked = $this->request->user();
        $who ??= $asked instanceof User ? $asked : null;
        // What is told of came to pass, whether it can be written down or not.
        rescue(fn () => SecurityEntry::query()->create([
            'user_id' => $who?->id, 'who' => $who === null ? '' : $who->name, 'address' => (string) $this->request->ip(), 'kind' => $kind,
            // Whatever it tells of may come from outside.
            'says' => Foreign::word($says, self::LONGEST),
        ]));
    }

    public static function sweep(): void
    {
        SecurityEntry::query()->where('created_at', '<', now()->subDays(self::KEPT_DAYS))->delete();
    }
}
