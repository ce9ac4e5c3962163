<?php

declare(strict_types=1);

namespace App\Actions;

/** What was refused; the codes stay. */
enum Refusal: string
{
    case Setting = 'setting-not-possible';

    case Change = 'change-not-possible';

    case Page = 'page-not-possible';

    case Access = 'access-not-possible';

    public function title(): string
    {
        return match ($this) {
            self::Setting => 'A setting cannot be so',
            self::Page => 'The page cannot be so',
            self::Access => 'Who may see it cannot be so',
            self::Change => 'The change cannot be made',
        };
    }
}
