<?php

declare(strict_types=1);

namespace App\Models;

use App\Faults\Cause;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Throwable;

/**
 * Many files that are taken in together, in the background.
 *
 * @property string $id
 * @property ?string $user_id
 * @property ?string $gallery_id
 * @property string $name
 * @property string $purpose pictures, or gallery: one is made of them
 * @property string $state asking (somebody is to look at it first), waiting, running, held (the machine is to blame), done or failed
 * @property ?string $title of the gallery that is made of it, where it is to be another than was understood
 * @property ?array{source: string, files: list<string>} $order of a source; null for a ZIP
 * @property int $total
 * @property list<array{name: string, state: string, note: string, picture: ?string}> $outcomes
 */
final class Batch extends Model
{
    use HasUlids;

    /** States after which nothing more happens. */
    private const OVER = ['done', 'failed'];

    /** What a ZIP is to become. */
    public const PICTURES = 'pictures';

    public const GALLERY = 'gallery';

    /** Seconds that a ZIP waits for somebody to look at what was understood of it. */
    private const LOOKED_AT = 86_400;

    protected $guarded = [];

    protected $attributes = ['outcomes' => '[]', 'purpose' => self::PICTURES, 'title' => null, 'state' => 'waiting', 'total' => 0];

    protected function casts(): array
    {
        return ['outcomes' => 'array', 'order' => 'array', 'total' => 'integer'];
    }

    /** Whether nothing more will come of it. */
    public function isOver(): bool
    {
        return in_array($this->state, self::OVER, true);
    }

    /**
     * Those of which something is still to come.
     *
     * @return Builder<Batch>
     */
    public static function open(): Builder
    {
        $open = self::query();
        $open->whereNotIn('state', [...self::OVER, 'asking']);

        return $open;
    }

    /**
     * Those that somebody may still be looking at before anything is made of them.
     *
     * @return Builder<Batch>
     */
    public static function looked(): Builder
    {
        return self::query()->where('state', 'asking')->where('updated_at', '>', now()->subSeconds(self::LOOKED_AT));
    }

    /** Where the machine is to blame it is taken up again (App\Upkeep\Tend). */
    public static function endAfter(string $id, ?Throwable $exception): void
    {
        self::query()->find($id)?->update(['state' => $exception !== null && Cause::of($exception) !== null ? 'held' : 'failed']);
    }

    public function note(string $file, string $state, string $note, ?string $picture = null): void
    {
        $this->outcomes = [...$this->outcomes, ['name' => $file, 'state' => $state, 'note' => $note, 'picture' => $picture]];
        $this->save();
    }
}
