<?php

declare(strict_types=1);

namespace App\Pages;

use App\BroughtIn\PageFile;
use App\Models\Body;
use App\Models\Page;
use App\Models\SiteFile;
use Illuminate\Contracts\Filesystem\Factory;

/** What a page asks for that was brought in, for the studio. */
final readonly class FilesOfPage
{
    public function __construct(private Factory $disks)
    {
    }

    /** Where the file lies that the page asks for under a path; null where it asks for none such. */
    public function find(Page $page, string $path): ?string
    {
        $file = $page->batch === null ? null : SiteFile::query()->where('batch', $page->batch)->where('path', $path)->first();

        return $file === null ? null : $this->disks->disk('originals')->path($file->storedPath());
    }

    /**
     * @return array<string, string> the header that tells its encoding
     */
    public function type(Page $page): array
    {
        $body = Body::called($page->body);

        return $body->kind === Body::FILE ? ['Content-Type' => 'text/html; charset='.(PageFile::charsetOf($body->content) ?? 'utf-8')] : [];
    }
}
