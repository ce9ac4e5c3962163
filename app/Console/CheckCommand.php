<?php

declare(strict_types=1);

namespace App\Console;

use App\Elsewhere\EmbedCheck;
use App\Elsewhere\PageReader;
use Illuminate\Console\Command;

/** Looks at the HTML of a page elsewhere for galleries of this site: 0 where all is well, 1 where something is to be mended. */
final class CheckCommand extends Command
{
    use TellsText;

    protected $signature = 'zinc:check {page : an HTML file, or - for what comes in}';

    protected $description = 'Check how galleries of this site stand on a page of another';

    public function handle(EmbedCheck $check): int
    {
        $page = $this->typed('page');
        $html = $page === '-' ? stream_get_contents(STDIN) : (is_file($page) ? file_get_contents($page) : false);
        if ($html === false || strlen($html) > PageReader::LARGEST) {
            $this->error($html === false ? "{$page} cannot be read." : "{$page} is larger than ".intdiv(PageReader::LARGEST, 1024 * 1024).' MB.');

            return self::FAILURE;
        }
        $findings = $check->of($html);
        foreach ($findings as $finding) {
            $finding->isFault ? $this->warn($finding->says) : $this->line($finding->says);
            $this->line("  {$finding->mend}");
        }
        if ($findings === []) {
            $this->line('All is as it was copied.');
        }

        return array_filter($findings, static fn ($finding): bool => $finding->isFault) === [] ? self::SUCCESS : self::FAILURE;
    }
}
