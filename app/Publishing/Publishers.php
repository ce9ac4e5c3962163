<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Site;
use Illuminate\Config\Repository;
use ZincPane\Core\Formats\Publisher;
use ZincPane\Core\Site\SiteState;

/** The site, as machines are told of it. */
final readonly class Publishers
{
    public function __construct(private Repository $config)
    {
    }

    /** Scheme and name that its addresses begin with. */
    public function host(): string
    {
        return rtrim($this->config->string('app.url'), '/');
    }

    /**
     * @param  SiteState  $state  its pages, as visitors have them
     */
    public function of(Site $site, SiteState $state): Publisher
    {
        $host = $this->host();
        $page = $state->pages[$site->acquire_page_id ?? ''] ?? null;

        return new Publisher($host, $site->name, $site->phrases()->tag, $page === null ? null : $host.$page->path());
    }
}
