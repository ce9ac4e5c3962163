<?php

declare(strict_types=1);

namespace App\Console;

use App\Exchange\GalleryOut;
use App\Publishing\GalleryZip;
use Illuminate\Console\Command;

/** Writes a gallery into a file from the shell. */
final class ExportCommand extends Command
{
    use TellsText;

    protected $signature = 'zinc:export {gallery : title or identifier} {file : that is not there yet} {--pages : as pages for any host, instead of with its originals}';

    protected $description = 'Write a gallery with its originals and words, or as pages, into a ZIP';

    public function handle(GalleryOut $out, GalleryZip $pages): int
    {
        $gallery = GalleryOption::find($this->typed('gallery'));
        $file = $this->typed('file');
        if ($gallery === null) {
            $this->error('There is no gallery of that title or identifier, or there are several.');

            return self::FAILURE;
        }
        if (file_exists($file) || ! is_dir(dirname($file))) {
            $this->error(file_exists($file) ? "{$file} is there already; it is not written over." : dirname($file).' is no folder.');

            return self::FAILURE;
        }
        // Whole or not at all, whatever happens on the way.
        $beside = $file.'.'.bin2hex(random_bytes(4));
        try {
            if ((bool) $this->option('pages')) {
                $pages->write($gallery, $beside);
            } else {
                $bar = $this->output->createProgressBar($gallery->items()->count());
                $out->write($gallery, $beside, static fn (int $done, int $all) => $bar->setProgress(min($done, $bar->getMaxSteps())));
                $bar->finish();
                $this->newLine();
            }
            rename($beside, $file);
        } finally {
            is_file($beside) && unlink($beside);
        }
        $this->line("“{$gallery->title}” is in {$file} (".number_format((int) filesize($file) / 1024 / 1024, 1).' MB).');

        return self::SUCCESS;
    }
}
