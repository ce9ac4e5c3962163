<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use ZincPane\Core\Design\NamedFinish;
use ZincPane\Core\Design\Upgrades\Upgrades;

/**
 * A finish that somebody kept under a name.
 *
 * @property string $id
 * @property string $name
 * @property array<string, mixed> $settings
 * @property int $schema
 * @property Carbon $created_at
 * @property Carbon $updated_at
 */
final class Finish extends Model
{
    use HasUlids;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['settings' => 'array', 'schema' => 'integer'];
    }

    public function named(): NamedFinish
    {
        $design = Upgrades::all()->design(['schema' => $this->schema, 'finish' => $this->settings]);

        return NamedFinish::of($this->id, $this->name, (array) ($design['finish'] ?? []));
    }
}
