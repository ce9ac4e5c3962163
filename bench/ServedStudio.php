<?php

declare(strict_types=1);

namespace Bench;

use App\Models\User;
use CurlHandle;
use RuntimeException;
use Symfony\Component\Process\Process;

/** The application behind PHP's own web server, with someone signed in: what a browser would wait for. */
final class ServedStudio
{
    private const PORT = 8977;

    private const ROUTER = 'vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php';

    private Process $server;

    private CurlHandle $browser;

    /** Bytes of the last answer as it came over the line. */
    public int $received = 0;

    /**
     * @param  array<string, string>  $environment
     */
    public function __construct(int $workers = 1, array $environment = [])
    {
        if (@fsockopen('127.0.0.1', self::PORT) !== false) {
            throw new RuntimeException('Port '.self::PORT.' is in use: another benchmark may be running.');
        }
        User::query()->firstOrCreate(['email' => 'bench@saltreed.example'], ['name' => 'Bench', 'password' => 'bench']);
        $this->server = new Process(
            ['php', '-d', 'opcache.enable=1', '-d', 'upload_max_filesize=80M', '-d', 'post_max_size=84M', '-S', '127.0.0.1:'.self::PORT, base_path(self::ROUTER)],
            public_path(), ['PHP_CLI_SERVER_WORKERS' => $workers, ...$environment],
        );
        $this->server->start();
        $this->browser = curl_init();
        $this->waitUntilItAnswers();
        $this->send('POST', 'session', ['email' => 'bench@saltreed.example', 'password' => 'bench']);
    }

    /**
     * @param  ?array<string, mixed>  $body
     * @return array<array-key, mixed>
     *
     * @throws RuntimeException when the answer is a refusal
     */
    public function send(string $method, string $path, ?array $body = null): array
    {
        curl_setopt_array($this->browser, [
            CURLOPT_URL => 'http://127.0.0.1:'.self::PORT."/studio/api/{$path}",
            CURLOPT_CUSTOMREQUEST => $method === '' ? 'GET' : $method,
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_COOKIEFILE => '',
            CURLOPT_TIMEOUT => 60,
            CURLOPT_POSTFIELDS => $body === null ? '' : json_encode($body, JSON_THROW_ON_ERROR),
            CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', 'Accept-Encoding: gzip', 'X-XSRF-TOKEN: '.($this->cookies()['XSRF-TOKEN'] ?? '')],
        ]);
        $answer = (string) curl_exec($this->browser);
        $this->received = strlen($answer);
        $answer = str_starts_with($answer, "\x1f\x8b") ? (string) gzdecode($answer) : $answer;
        $status = curl_getinfo($this->browser, CURLINFO_RESPONSE_CODE);
        if ($status >= 400 || $status === 0) {
            throw new RuntimeException("{$method} {$path} answered {$status}: ".substr($answer, 0, 300));
        }

        return (array) json_decode($answer, true);
    }

    /**
     * A request of the same person, to be sent beside others.
     *
     * @param  list<string>  $headers
     */
    public function request(string $method, string $path, array $headers, string $body = ''): CurlHandle
    {
        $cookies = $this->cookies();
        $request = curl_init('http://127.0.0.1:'.self::PORT.$path);
        curl_setopt_array($request, [
            CURLOPT_CUSTOMREQUEST => $method === '' ? 'GET' : $method,
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_HEADER => true,
            CURLOPT_POSTFIELDS => $body,
            CURLOPT_HTTPHEADER => ['Accept: application/json', 'Cookie: '.http_build_query($cookies, '', '; ', PHP_QUERY_RFC3986), 'X-XSRF-TOKEN: '.($cookies['XSRF-TOKEN'] ?? ''), ...$headers],
        ]);

        return $request;
    }

    public function pid(): int
    {
        return (int) $this->server->getPid();
    }

    /**
     * @return array<string, string>
     */
    private function cookies(): array
    {
        $cookies = [];
        foreach ((array) curl_getinfo($this->browser, CURLINFO_COOKIELIST) as $line) {
            $fields = explode("\t", $line);
            $cookies[$fields[5] ?? ''] = urldecode($fields[6] ?? '');
        }

        return $cookies;
    }

    public function stop(): void
    {
        $workers = explode(' ', trim((string) @file_get_contents("/proc/{$this->pid()}/task/{$this->pid()}/children")));
        $this->server->stop(1);
        // Workers of PHP's web server outlive it where it is killed.
        foreach (array_filter($workers, static fn (string $worker): bool => $worker !== '') as $worker) {
            posix_kill((int) $worker, SIGTERM);
        }
    }

    private function waitUntilItAnswers(): void
    {
        for ($try = 0; $try < 50; $try++) {
            try {
                $this->send('GET', 'session');

                return;
            } catch (RuntimeException) {
                usleep(100_000);
            }
        }
    }
}
