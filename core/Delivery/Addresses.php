<?php

declare(strict_types=1);

namespace ZincPane\Core\Delivery;

/** How a published file is named from where it is asked for. */
final readonly class Addresses
{
    private function __construct(private string $before)
    {
    }

    /** From any page of the site itself: "/media/…". */
    public static function rooted(): self
    {
        return new self('/');
    }

    /**
     * From other sites: "https://saltreed.example/media/…".
     *
     * @param  string  $host  scheme and host, without a closing slash
     */
    public static function absolute(string $host): self
    {
        return new self($host.'/');
    }

    /**
     * From a page in a folder that may lie anywhere: "media/…", "../media/…".
     *
     * @param  int  $depth  folders between the page and the top one, not below 0
     */
    public static function relative(int $depth = 0): self
    {
        return new self(str_repeat('../', max(0, $depth)));
    }

    /**
     * @param  string  $path  from the top, with or without a slash before it
     */
    public function of(string $path): string
    {
        return $this->before.ltrim($path, '/');
    }
}
