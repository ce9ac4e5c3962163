<?php

declare(strict_types=1);

namespace ZincPane\Core\Access;

/** Whose pages may embed a gallery. */
enum EmbedRule: string
{
    case Anyone = 'anyone';

    /** Those that are named. */
    case These = 'these';

    case Nobody = 'nobody';

    public function label(): string
    {
        return match ($this) {
            self::Anyone => 'Any site',
            self::These => 'Only these sites',
            self::Nobody => 'No site',
        };
    }
}
