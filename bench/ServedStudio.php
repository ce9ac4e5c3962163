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

    public function __construct()
    {
        User::query()->firstOrCreate(['email' => 'bench@saltreed.example'], ['name' => 'Bench', 'password' => 'bench']);
        $this->server = new Process(['php', '-d', 'opcache.enable=1', '-S', '127.0.0.1:'.self::PORT, base_path(self::ROUTER)], public_path());
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
        preg_match('/XSRF-TOKEN\s+(\S+)/', implode("\n", curl_getinfo($this->browser, CURLINFO_COOKIELIST)), $token);
        curl_setopt_array($this->browser, [
            CURLOPT_URL => 'http://127.0.0.1:'.self::PORT."/studio/api/{$path}",
            CURLOPT_CUSTOMREQUEST => $method === '' ? 'GET' : $method,
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_COOKIEFILE => '',
            CURLOPT_TIMEOUT => 60,
            CURLOPT_POSTFIELDS => $body === null ? '' : json_encode($body, JSON_THROW_ON_ERROR),
            CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', 'X-XSRF-TOKEN: '.urldecode($token[1] ?? '')],
        ]);
        $answer = (string) curl_exec($this->browser);
        $status = curl_getinfo($this->browser, CURLINFO_RESPONSE_CODE);
        if ($status >= 400 || $status === 0) {
            throw new RuntimeException("{$method} {$path} answered {$status}: ".substr($answer, 0, 300));
        }

        return (array) json_decode($answer, true);
    }

    public function stop(): void
    {
        $this->server->stop(1);
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
