<?php

declare(strict_types=1);

namespace App\Console;

use App\Access\Look;
use App\Access\Opening;
use App\Http\FileAnswer;
use App\Http\Problem;
use App\Models\SignIn;
use App\Serving\Configuration;
use Illuminate\Console\Command;
use InvalidArgumentException;

/** Fills in configurations of the servers around the application, from the templates in deploy/. */
final class Configure extends Command
{
    protected $signature = 'zinc:configure {fact?* : name=value} {--write=* : template:file}';

    protected $description = 'Write configurations of nginx, PHP or supervisor from their templates';

    public function handle(): int
    {
        try {
            $configuration = $this->configuration();
            foreach ((array) $this->option('write') as $order) {
                [$template, $file] = array_pad(explode(':', (string) $order, 2), 2, 'php://stdout');
                file_put_contents($file, $configuration->fill($template));
            }
        } catch (InvalidArgumentException $exception) {
            $this->error($exception->getMessage());

            return self::FAILURE;
        }

        return self::SUCCESS;
    }

    private function configuration(): Configuration
    {
        return Configuration::of(
            base_path('deploy'), config()->integer('zinc.limits.request_bytes'), SignIn::COOKIE, Look::COOKIE, Opening::COOKIE, FileAnswer::TYPES, FileAnswer::BROUGHT_TYPES,
            ['too_large' => (string) Problem::tooLarge()->getContent(), 'starting' => (string) Problem::starting()->getContent()],
        )->with(['root' => base_path(), ...$this->facts()]);
    }

    /**
     * @return array<string, string>
     *
     * @throws InvalidArgumentException when one holds a sign that would end it early
     */
    private function facts(): array
    {
        $facts = [];
        foreach ((array) $this->argument('fact') as $fact) {
            [$name, $value] = array_pad(explode('=', (string) $fact, 2), 2, '');
            if (preg_match('/["\'\n\r;{}$%]/', $value) === 1) {
                throw new InvalidArgumentException("{$name} holds a sign that cannot stand in a configuration: {$value}");
            }
            $facts[$name] = $value;
        }
        $hasBrotli = is_file($facts['brotli'] ?? '');

        return [...$facts, 'modules' => $hasBrotli ? "load_module \"{$facts['brotli']}\";" : '', 'brotli_static' => $hasBrotli ? 'brotli_static on;' : '',
            // Where everything has to run as root (bin/common.sh says when), nginx gives up none of it.
            'user' => ($facts['fpm_flags'] ?? '') === '' ? '' : 'user root;'];
    }
}
