<?php

declare(strict_types=1);

namespace ZincPane\Core\Delivery;

/** How a published file is named from where it is asked for. */
final readonly class Addresses
{
    /**
     * @param  string  $before  a path, where it is asked for from
     * @param  string  $beforePages  the same for a page
     * @param  string  $afterPages  at the end of the path of a page
     */
    private function __construct(private string $before, private string $beforePages, private string $afterPages = '')
    {
    }

    /** From any page of the site itself: "/media/…". */
    public static function rooted(): self
    {
        return new self('/', '/');
    }

    /**
     * From other sites: "https://saltreed.example/media/…".
     *
     * @param  string  $host  scheme and host, without a closing slash
     */
    public static function absolute(string $host): self
    {
        return new self($host.'/', $host.'/');
    }

    /**
     * From a page in a folder that may lie anywhere: "media/…", "../media/…". Other pages stay where they are.
     *
     * @param  int  $depth  folders between the page and the top one, not below 0
     * @param  string  $host  scheme and host of the pages, without a closing slash
     */
    public static function relative(int $depth, string $host): self
    {
        return new self(str_repeat('../', max(0, $depth)), $host.'/');
    }

    /**
     * From a page in a folder that may lie anywhere, with the pages of its pictures in it: "../pictures/…/….html".
     *
     * @param  int  $depth  folders between the page and the top one, not below 0
     */
    public static function archived(int $depth): self
    {
        $up = str_repeat('../', max(0, $depth));

        return new self($up, $up, '.html');
    }

    /**
     * @param  string  $path  from the top, with or without a slash before it
     */
    public function of(string $path): string
    {
        return $this->before.ltrim($path, '/');
    }

    /**
     * @param  string  $path  of a page, from the top
     */
    public function ofPage(string $path): string
    {
        return $this->beforePages.ltrim($path, '/').$this->afterPages;
    }
}
