<?php

declare(strict_types=1);

namespace ZincPane\Core\Access;

/** What an address of the studio asks of whoever calls it. */
enum Ability: string
{
    /** One's own password, second step, sign-ins and tokens. */
    case OwnAccount = 'own-account';

    /** Pictures, galleries, pages, and putting them live. */
    case Galleries = 'galleries';

    /** Inviting, removing, roles. */
    case People = 'people';

    case SecurityLog = 'security-log';

    /** Names of hosts, backups. */
    case Hosting = 'hosting';

    /** Taking the site as a whole offline. */
    case WholeSite = 'whole-site';
}
