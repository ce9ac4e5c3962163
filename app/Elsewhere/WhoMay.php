<?php

declare(strict_types=1);

namespace App\Elsewhere;

use App\Models\Gallery;
use App\Models\Page;
use App\Publishing\BusyException;
use App\Publishing\ChangeGuard;
use ZincPane\Core\Access\AccessException;
use ZincPane\Core\Access\EmbedOrigins;
use ZincPane\Core\Access\GalleryLock;

/** Takes from outside who may have a gallery, and refuses what cannot be. */
final readonly class WhoMay
{
    /** What stands for "as the site has it". */
    private const AS_SITE = 'site';

    public function __construct(private ChangeGuard $guard)
    {
    }

    /**
     * @param  mixed  $rule  from outside
     * @param  mixed  $origins  the same
     *
     * @throws AccessException when a site is none
     * @throws BusyException when another is putting live, and takes long
     */
    public function embed(Gallery $gallery, mixed $rule, mixed $origins): void
    {
        $this->guard->embed($gallery, $rule === self::AS_SITE ? null : EmbedOrigins::parse($rule, $origins));
    }

    /**
     * @param  mixed  $rule  from outside
     * @param  mixed  $origins  the same
     *
     * @throws AccessException when a site is none
     * @throws BusyException when another is putting live, and takes long
     */
    public function embedOnSite(mixed $rule, mixed $origins): void
    {
        $this->guard->site(EmbedOrigins::parse($rule, $origins));
    }

    /**
     * @param  mixed  $page  from outside: the page that tells how pictures may be used, null for none
     *
     * @throws AccessException when it is no page of the site
     * @throws BusyException when another is putting live, and takes long
     */
    public function acquire(mixed $page): void
    {
        if ($page !== null && (! is_string($page) || Page::query()->whereKey($page)->doesntExist())) {
            throw AccessException::notAPage($page);
        }
        $this->guard->acquire($page);
    }

    /**
     * @param  mixed  $password  from outside
     * @param  mixed  $hours  the same
     *
     * @throws AccessException when the password is none
     * @throws BusyException when another is putting live, and takes long
     */
    public function lock(Gallery $gallery, mixed $password, mixed $hours): void
    {
        $this->guard->lock($gallery, GalleryLock::password($password), $hours === null ? GalleryLock::HOURS : GalleryLock::hours($hours));
    }

    /**
     * @throws BusyException when another is putting live, and takes long
     */
    public function unlock(Gallery $gallery): void
    {
        $this->guard->unlock($gallery);
    }
}
