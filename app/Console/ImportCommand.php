<?php

declare(strict_types=1);

namespace App\Console;

use App\Exchange\AddToGallery;
use App\Exchange\Archive;
use App\Exchange\Draft;
use App\Exchange\ExchangeException;
use App\Exchange\FolderFiles;
use App\Exchange\MakeGallery;
use App\Exchange\Understand;
use App\Exchange\ZipFiles;
use App\Imaging\ImagingException;
use App\Intake\IntakeException;
use App\Models\Gallery;
use App\Publishing\PutLive;
use Illuminate\Config\Repository;
use Illuminate\Console\Command;

/** Takes a folder or a ZIP in from the shell: 0 where all of it was, 1 where some files were not, 2 where nothing was. */
final class ImportCommand extends Command
{
    use TellsText;

    protected $signature = 'zinc:import {source : a folder, or a ZIP} {--gallery= : title of a new one, or title or identifier of one that is there} {--live : put it live} {--look : only tell what would be taken in}';

    protected $description = 'Make a gallery of a folder or a ZIP, or add to one';

    private const NOTHING = 2;

    private int $refused = 0;

    public function handle(MakeGallery $make, AddToGallery $add, PutLive $live): int
    {
        $source = $this->typed('source');
        try {
            $archive = $this->opened($source);
            $draft = Understand::of($archive, basename($source));
        } catch (ExchangeException|IntakeException $refusal) {
            $this->error($refusal->getMessage());

            return self::NOTHING;
        }
        $this->tell($draft);
        if ((bool) $this->option('look')) {
            return $draft->absent === [] ? self::SUCCESS : self::FAILURE;
        }
        try {
            $gallery = $this->made($archive, $draft, $make, $add);
        } catch (ExchangeException|IntakeException $refusal) {
            $this->newLine();
            $this->error($refusal->getMessage());

            return self::NOTHING;
        }
        $this->newLine();
        $this->line("“{$gallery->title}” has {$gallery->items()->count()} items: {$gallery->id}");

        return $this->putLive($gallery, $live) && $this->refused === 0 && $draft->absent === [] ? self::SUCCESS : self::FAILURE;
    }

    /**
     * @throws ExchangeException|IntakeException
     */
    private function opened(string $source): Archive
    {
        return match (true) {
            is_dir($source) => new FolderFiles($source),
            is_file($source) => ZipFiles::open($source, basename($source), resolve(Repository::class)),
            default => throw ExchangeException::nothing($source),
        };
    }

    private function tell(Draft $draft): void
    {
        $this->line("Read from {$draft->from}: ".count($draft->pictures).' pictures for “'.$draft->title.'”.');
        foreach ($draft->absent as $absent) {
            $this->warn("Named, and not there: {$absent}");
        }
    }

    /**
     * @throws ExchangeException|IntakeException
     */
    private function made(Archive $archive, Draft $draft, MakeGallery $make, AddToGallery $add): Gallery
    {
        $told = $this->chosen('gallery');
        $there = $told === '' ? null : GalleryOption::find($told);
        $bar = $this->output->createProgressBar(count($draft->pictures));
        $each = function (string $name, ?IntakeException $refused) use ($bar): void {
            $bar->advance();
            if ($refused !== null) {
                $this->refused++;
                $this->newLine();
                $this->warn($refused->getMessage());
            }
        };
        $gallery = $there === null ? $make->handle($archive, $draft, $each) : $add->handle($archive, $draft, $there, $each);
        $bar->finish();
        $there !== null || $told === '' || $gallery->update(['title' => mb_substr($told, 0, 120)]);

        return $gallery;
    }

    private function putLive(Gallery $gallery, PutLive $live): bool
    {
        if (! (bool) $this->option('live')) {
            return true;
        }
        try {
            $live->handle($gallery->id, null, null);
            $this->line('It is live.');

            return true;
        } catch (ImagingException $exception) {
            $this->error($exception->getMessage());

            return false;
        }
    }
}
