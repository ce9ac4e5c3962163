<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * Many files that are taken in together, in the background.
 *
 * @property string $id
 * @property ?string $user_id
 * @property ?string $gallery_id
 * @property string $name
 * @property string $state waiting, running, done or failed
 * @property int $total
 * @property list<array{name: string, state: string, note: string, picture: ?string}> $outcomes
 */
final class Batch extends Model
{
    use HasUlids;

    protected $guarded = [];

    protected $attributes = ['outcomes' => '[]', 'state' => 'waiting', 'total' => 0];

    protected function casts(): array
    {
        return ['outcomes' => 'array', 'total' => 'integer'];
    }

    public function note(string $file, string $state, string $note, ?string $picture = null): void
    {
        $this->outcomes = [...$this->outcomes, ['name' => $file, 'state' => $state, 'note' => $note, 'picture' => $picture]];
        $this->save();
    }
}
