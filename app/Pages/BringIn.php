<?php

declare(strict_types=1);

namespace App\Pages;

use App\BroughtIn\BroughtInException;
use App\BroughtIn\PageFile;
use App\Intake\IntakeException;
use App\Intake\Originals;
use App\Intake\ZipBatch;
use App\Models\Body;
use App\Models\Page;
use App\Models\Site;
use App\Models\SiteFile;
use Illuminate\Support\Str;
use ZincPane\Core\Site\Page as CorePage;
use ZincPane\Core\Site\PageAddress;
use ZincPane\Core\Site\SiteException;

/** Brings in HTML pages from outside: one file, or a small static site as a ZIP with all that its pages ask for. */
final readonly class BringIn
{
    /** Endings of files that pages ask for; scripts among them are kept, and do not run here. */
    private const FILES = ['css', 'png', 'jpg', 'jpeg', 'gif', 'webp', 'avif', 'svg', 'ico', 'woff', 'woff2', 'ttf', 'otf', 'txt', 'json', 'xml', 'js', 'pdf', 'mp4', 'webm', 'vtt'];

    /** Bytes of all files that come with pages. */
    private const MOST_BYTES = 32 * 1024 * 1024;

    public function __construct(private SiteJournal $journal, private ZipBatch $zip, private Originals $originals)
    {
    }

    /**
     * @param  string  $path  of the file that came
     * @param  string  $name  that it has
     * @param  string  $under  address that a site of several files goes under; empty for the root
     * @return array{pages: list<string>, left: list<array{name: string, why: string}>, notes: list<string>} identifiers of the pages, what was left out, and what is otherwise here
     *
     * @throws BroughtInException|IntakeException|SiteException when nothing can be brought in; nothing was stored
     */
    public function handle(string $path, string $name, string $under, ?string $userId): array
    {
        $start = (string) file_get_contents($path, false, null, 0, 4);
        $isZip = str_starts_with($start, "PK\x03\x04");
        $hasName = preg_match('/\.(?:html?|xhtml)$/i', $name) === 1;
        [$pages, $files, $left] = match (true) {
            $isZip => $this->unpacked($path, $name, $under === '' ? '' : PageAddress::checked($under, []).'/'),
            $hasName => [[Str::beforeLast(basename($name), '.') => [PageFile::read($this->contents($path, $name), $name), $name]], [], []],
            default => throw BroughtInException::noFile($name),
        };
        if ($pages === []) {
            throw BroughtInException::noPages($name);
        }
        $batch = $files === [] ? null : (string) Str::ulid();
        foreach ($files as $file) {
            $this->originals->keepFile(SiteFile::pathOf(hash('sha256', $file)), $file);
        }
        $made = $this->journal->act($userId, fn (): array => $this->store($pages, $files, $batch, $isZip));
        $notes = array_merge([], ...array_map(static fn (array $page): array => array_map(static fn (string $note): string => count($pages) > 1 ? "{$page[1]}: {$note}" : $note, $page[0]->notes), array_values($pages)));

        return ['pages' => $made, 'left' => $left, 'notes' => $notes];
    }

    private function contents(string $path, string $name): string
    {
        $bytes = (int) filesize($path);

        return $bytes > PageFile::LARGEST ? throw BroughtInException::tooLarge($name, $bytes, PageFile::LARGEST) : (string) file_get_contents($path);
    }

    /**
     * @return array{array<string, array{PageFile, string}>, array<string, string>, list<array{name: string, why: string}>} pages by address, contents of files by path, and what was left out
     *
     * @throws IntakeException when it is no ZIP that can be opened
     */
    private function unpacked(string $zip, string $name, string $under): array
    {
        $pages = $files = $left = [];
        $bytes = 0;
        $this->zip->walk($zip, $name, function (string $entry, ?string $path, ?IntakeException $refused) use (&$pages, &$files, &$left, &$bytes, $under): void {
            try {
                $ending = strtolower(pathinfo($entry, PATHINFO_EXTENSION));
                if ($refused !== null || $path === null) {
                    $left[] = ['name' => mb_scrub($entry), 'why' => $refused?->getMessage() ?? ''];
                } elseif (preg_match('~^[\w.-]+(?:/[\w.-]+)*$~D', $entry) !== 1 || preg_match('~(?:^|/)\.~', $entry) === 1) {
                    $left[] = ['name' => mb_scrub($entry), 'why' => 'Its name holds other signs than letters, digits, hyphens and points; no address can be made of it.'];
                } elseif (in_array($ending, ['html', 'htm'], true)) {
                    PageAddress::refuseReserved($under.$entry);
                    $pages[$under.$entry] = [PageFile::read($this->contents($path, $entry), $entry), $entry];
                } elseif (! in_array($ending, self::FILES, true)) {
                    $left[] = ['name' => $entry, 'why' => 'Pages do not ask for files of this kind.'];
                } elseif (($bytes += (int) filesize($path)) > self::MOST_BYTES) {
                    $left[] = ['name' => $entry, 'why' => 'All files together have more than '.intdiv(self::MOST_BYTES, 1048576).' MB.'];
                } else {
                    PageAddress::refuseReserved($under.$entry);
                    $files[$under.$entry] = (string) file_get_contents($path);
                }
            } catch (BroughtInException|SiteException $exception) {
                $left[] = ['name' => mb_scrub($entry), 'why' => $exception->getMessage()];
            }
        });

        return [$pages, $files, $left];
    }

    /**
     * @param  array<string, array{PageFile, string}>  $pages
     * @param  array<string, string>  $files
     * @return list<string>
     */
    private function store(array $pages, array $files, ?string $batch, bool $isZip): array
    {
        $site = Site::query()->firstOrFail();
        $taken = PagesOfSite::taken(null);
        $position = Page::lastPosition();
        $made = [];
        foreach ($pages as $address => [$file, $name]) {
            $address = $isZip ? self::free((string) $address, $taken) : PageAddress::of((string) $address, $taken);
            $title = mb_substr($file->title === '' ? basename($name) : $file->title, 0, CorePage::LONGEST_TITLE);
            $taken[$address] = $title;
            $made[] = $site->pages()->create(['title' => $title, 'slug' => $address, 'menu_label' => null, 'position' => ++$position, 'body' => Body::ofFile($file->html), 'batch' => $batch])->id;
        }
        foreach ($files as $path => $contents) {
            SiteFile::query()->create(['batch' => $batch, 'path' => $path, 'hash' => hash('sha256', $contents), 'bytes' => strlen($contents)]);
        }

        return $made;
    }

    /**
     * @param  array<string, string>  $taken
     */
    private static function free(string $address, array $taken): string
    {
        return isset($taken[$address]) ? throw SiteException::takenAddress($address, $taken[$address]) : $address;
    }
}
