<?php

declare(strict_types=1);

namespace ZincPane\Core\Access;

/** What somebody is in the studio. */
enum Role: string
{
    /** Whose site it is: may do everything. */
    case Owner = 'owner';

    /** Works on pictures, galleries and pages, and puts them live. */
    case Editor = 'editor';

    public function may(Ability $ability): bool
    {
        return match ($ability) {
            Ability::OwnAccount, Ability::Galleries => true,
            Ability::People, Ability::SecurityLog, Ability::Hosting, Ability::WholeSite => $this === self::Owner,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Owner => 'Owner',
            self::Editor => 'Editor',
        };
    }

    /** What that means, for whoever invites. */
    public function says(): string
    {
        return match ($this) {
            self::Owner => 'May do everything: invite and remove people, see the security log, take the site offline.',
            self::Editor => 'Works on pictures, galleries and pages, and puts them live. No people, no hosting matters.',
        };
    }
}
