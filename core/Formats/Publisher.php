<?php

declare(strict_types=1);

namespace ZincPane\Core\Formats;

/** Who publishes what is told to machines, and where. */
final readonly class Publisher
{
    /**
     * @param  string  $host  scheme and name, without a closing slash
     * @param  string  $name  of the site
     * @param  string  $language  of its pages
     * @param  ?string  $acquire  address of the page that tells how pictures may be used; null for none
     */
    public function __construct(public string $host, public string $name, public string $language, public ?string $acquire = null)
    {
    }

    /** An address from the top of what is published, whole. */
    public function whole(string $path): string
    {
        return $this->host.'/'.ltrim($path, '/');
    }
}
