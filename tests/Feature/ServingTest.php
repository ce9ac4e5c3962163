<?php

declare(strict_types=1);

use App\Imaging\Packer;
use App\Imaging\Tools;
use App\Models\Invitation;
use App\Models\Picture;
use App\Models\User;
use App\Publishing\LiveFiles;
use Symfony\Component\Process\Process;

beforeEach(function (): void {
    $this->told = ['data=/srv/k', 'run=/srv/k/run', 'logs=/srv/k/logs', 'tmp=/tmp', 'live=/srv/k/live', 'files=/srv/k/files', 'socket=/run/k.sock', 'intake_socket=/run/k-intake.sock', 'listen=127.0.0.1:8000', 'hosts=kites.example', 'port=', 'fpm_flags=', 'many=2', 'name=kites', 'certificate=/c', 'certificate_key=/k'];
    $this->filled = function (string $template, array $facts = []): string {
        $file = "{$this->files}/filled";
        $this->artisan('zinc:configure', ['fact' => [...$this->told, ...$facts], '--write' => ["{$template}:{$file}"]])->assertSuccessful();

        return (string) file_get_contents($file);
    };
});

it('has the web server send the headers that PHP sends, place by place', function (): void {
    $this->signIn();
    $this->putLive($this->galleryOf(1));
    $media = '/media/'.Picture::query()->value('rendition_key').'/160.webp';
    $conf = ($this->filled)('nginx/locations.conf');
    $blocks = ['/' => 'location = / {', $media => 'location ~ "^/media/', '/embed.js' => 'location ~ "^/(embed|'];
    foreach ($blocks as $path => $begins) {
        $block = substr($conf, strpos($conf, $begins), strpos($conf, "\n}", strpos($conf, $begins)) - strpos($conf, $begins));
        preg_match_all('/add_header ([A-Za-z-]+) "(.*)" always;/', $block, $found);
        $written = array_combine(array_map(strtolower(...), $found[1]), $found[2]);
        $headers = $this->get($path)->assertOk()->baseResponse->headers;
        expect($written)->not->toBe([]);
        foreach ($written as $name => $value) {
            // Of the words of one header the order is free.
            $words = static fn (string $line): array => collect(explode(', ', $line))->sort()->values()->all();
            expect($words((string) $headers->get($name)))->toBe($words($value), "{$name} of {$path}");
        }
    }
});

it('writes configurations that nginx, PHP and supervisor read', function (): void {
    $run = "{$this->files}/run";
    mkdir($run);
    $told = ["run={$run}", "logs={$run}", "tmp={$run}", "live={$run}", "files={$run}", "socket={$run}/php.sock", "intake_socket={$run}/intake.sock", 'listen=127.0.0.1:8123'];
    foreach (['nginx/alone.conf' => 'nginx.conf', 'nginx/maps.conf' => 'maps.conf', 'nginx/locations.conf' => 'locations.conf', 'php/fpm.conf' => 'php-fpm.conf', 'supervisor/alone.conf' => 'supervisord.conf'] as $template => $file) {
        file_put_contents("{$run}/{$file}", ($this->filled)($template, $told));
        expect(file_get_contents("{$run}/{$file}"))->not->toContain('{{');
    }
    foreach ([['nginx', '-e', 'stderr', '-t', '-c', "{$run}/nginx.conf"], ['php-fpm8.2', '-t', '-R', '-y', "{$run}/php-fpm.conf"]] as $command) {
        $process = new Process($command, env: ['PATH' => getenv('PATH').':/usr/sbin']);
        $process->run();
        expect($process->getExitCode())->toBe(0, $process->getErrorOutput());
        expect($process->getErrorOutput())->not->toContain('duplicate');
    }
    $ini = parse_ini_file("{$run}/supervisord.conf", true, INI_SCANNER_RAW);
    expect(array_keys($ini))->toBe(['supervisord', 'program:nginx', 'program:php', 'program:pictures', 'program:batches', 'program:upkeep']);
    foreach (array_slice($ini, 1) as $program) {
        expect($program['autorestart'])->toBe('true')->and($program['command'])->toStartWith('setpriv --pdeathsig TERM ');
    }
});

it('writes nothing that ends a line of a configuration early, and says what it was not told', function (string $fact): void {
    $this->artisan('zinc:configure', ['fact' => [...$this->told, $fact], '--write' => ["nginx/locations.conf:{$this->files}/x"]])->assertFailed();
    expect(is_file("{$this->files}/x"))->toBeFalse();
})->with(['live=/srv"; root /', "live=/srv\nroot /;", 'live=/srv{', 'live=$document_root']);

it('asks for what a template needs and nobody told', function (): void {
    $this->artisan('zinc:configure', ['fact' => ['data=/srv/k'], '--write' => ["nginx/locations.conf:{$this->files}/x"]])->expectsOutputToContain('and nobody told it: add')->assertFailed();
});

it('packs files beforehand, and takes over what stays as it was', function (): void {
    $this->signIn();
    $gallery = $this->galleryOf(1);
    $this->putLive($gallery);
    $current = fn (): string => "{$this->files}/live/".readlink("{$this->files}/live/".LiveFiles::CURRENT);
    $first = $current();
    $embed = "embed/{$gallery->id}.en.json";
    expect(gzdecode((string) file_get_contents("{$first}/{$embed}.gz")))->toBe(file_get_contents("{$first}/{$embed}"))
        ->and((string) shell_exec('brotli -dc '.escapeshellarg("{$first}/{$embed}.br")))->toBe(file_get_contents("{$first}/{$embed}"));
    // Too small to pay.
    expect(is_file("{$first}/robots.txt.gz"))->toBeFalse();
    $this->change($gallery, ['kind' => 'about', 'about' => ['title' => 'Other kites']])->assertOk();
    $this->putLive($gallery);
    $second = $current();
    // The same file still, by number: a web server tells the same ETag for it.
    expect($second)->not->toBe($first)->and(fileinode("{$second}/pages/home.html"))->toBe(fileinode("{$first}/pages/home.html"))
        ->and(fileinode("{$second}/{$embed}"))->not->toBe(fileinode("{$first}/{$embed}"))->and(gzdecode((string) file_get_contents("{$second}/{$embed}.gz")))->toContain('Other kites')
        ->and(file_get_contents("{$second}/missing.html"))->toContain('There is no such page here.');
});

it('reads no more of a tool than it may', function (): void {
    $tools = new Tools(10, 3 * 1024 ** 3, 100_000);
    expect(strlen($tools->run('head', ['-c', '90000', '/dev/zero'])))->toBe(90_000);
    expect(strlen($tools->read('head', ['-c', '90000', '/dev/zero'])))->toBe(90_000);
    $before = memory_get_peak_usage(true);
    expect(fn () => $tools->read('head', ['-c', '900000000', '/dev/zero']))->toThrow('was stopped after it had said 0.1 MB')
        ->and(memory_get_peak_usage(true) - $before)->toBeLessThan(8 * 1024 ** 2);
    (new Packer($tools))->pack([]);
});

it('invites an owner from the server, where nobody has a way in any more', function (): void {
    $this->artisan('zinc:invite rosa@saltreed.example')->assertFailed();
    $this->signIn();
    $this->artisan('zinc:invite rosa@saltreed.example')->expectsOutputToContain('/studio/invitation#')->assertSuccessful();
    expect(Invitation::query()->sole()->role->value)->toBe('owner')->and(User::query()->count())->toBe(1);
    $this->artisan('zinc:invite owner@saltreed.example')->assertFailed();
});
