<?php

declare(strict_types=1);

namespace Bench;

use App\Actions\AddPictures;
use App\Actions\CreateGallery;
use App\Models\Picture;
use App\Models\PictureState;
use App\Models\Site;
use App\Models\User;
use Illuminate\Support\Facades\Artisan;
use RuntimeException;
use Symfony\Component\Process\Process;

/** From the PATCH of a gallery to its new proof, through HTTP, as a browser does it. */
final class ProofBench
{
    private const PORT = 8977;

    /**
     * @return array<string, int|float>
     */
    public static function run(int $count): array
    {
        Artisan::call('migrate', ['--force' => true]);
        $galleryId = self::fill($count);
        $server = new Process(['php', '-d', 'opcache.enable=1', '-S', '127.0.0.1:'.self::PORT, base_path('vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php')], public_path());
        $server->start();
        try {
            $browser = self::signedIn();
            $version = 0;
            $bytes = 0;
            $figures = Stopwatch::time(static function (int $run) use ($browser, $galleryId, &$version, &$bytes): void {
                if ($version === 0) {
                    $version = $browser('GET', "galleries/{$galleryId}", null)['version'];
                }
                $answer = $browser('PATCH', "galleries/{$galleryId}", ['version' => $version, 'change' => ['kind' => 'design', 'design' => ['layout' => ['columns' => 2 + $run % 6]]]]);
                $version = $answer['version'];
                $bytes = strlen($answer['proof']['html']) + strlen($answer['proof']['css']);
            }, 31);
        } finally {
            $server->stop(1);
        }

        return [...$figures, 'pictures' => $count, 'proof_bytes' => $bytes];
    }

    private static function fill(int $count): string
    {
        User::query()->create(['name' => 'Bench', 'email' => 'bench@saltreed.example', 'password' => 'bench']);
        Site::query()->create(['name' => 'Bench', 'shell' => '{{head}}{{content}}', 'stylesheet' => '', 'margin' => 18, 'content_width' => 1120]);
        $files = [];
        foreach ([160, 240, 360, 540, 810, 1215, 1820, 2560] as $width) {
            $files["{$width}.webp"] = $width * 50;
        }
        $pictures = [];
        for ($i = 0; $i < $count; $i++) {
            $hash = hash('sha256', (string) $i);
            $pictures[] = Picture::query()->create([
                'hash' => $hash, 'rendition_key' => substr($hash, 0, 24), 'name' => "{$i}.jpg", 'media_type' => 'image/jpeg', 'bytes' => 1,
                'width' => [6000, 4000, 4000][$i % 3], 'height' => [4000, 6000, 4000][$i % 3], 'focal_x' => 0.4, 'state' => PictureState::Ready,
                'title' => "Picture {$i}", 'alt' => "What is to be seen on picture {$i}",
                'renditions' => [...$files, '540.jpg' => 1, '1215.jpg' => 1, '1820.jpg' => 1],
            ]);
        }

        return app(AddPictures::class)->handle(app(CreateGallery::class)->handle('Bench'), $pictures, null)->id;
    }

    /**
     * @return callable(string, string, ?array<string, mixed>): array<string, mixed>
     */
    private static function signedIn(): callable
    {
        $jar = tempnam(sys_get_temp_dir(), 'jar');
        $send = static function (string $method, string $path, ?array $body) use ($jar): array {
            static $handle = null;
            $handle ??= curl_init();
            preg_match('/XSRF-TOKEN\s+(\S+)/', implode("\n", curl_getinfo($handle, CURLINFO_COOKIELIST) ?: []), $token);
            curl_setopt_array($handle, [
                CURLOPT_URL => 'http://127.0.0.1:'.self::PORT."/studio/api/{$path}", CURLOPT_CUSTOMREQUEST => $method, CURLOPT_RETURNTRANSFER => true,
                CURLOPT_COOKIEFILE => $jar, CURLOPT_COOKIEJAR => $jar, CURLOPT_TIMEOUT => 20,
                CURLOPT_POSTFIELDS => $body === null ? '' : json_encode($body),
                CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', 'X-XSRF-TOKEN: '.urldecode($token[1] ?? '')],
            ]);
            $answer = curl_exec($handle);
            $status = curl_getinfo($handle, CURLINFO_RESPONSE_CODE);
            if ($status >= 400 || $status === 0) {
                throw new RuntimeException("{$method} {$path} answered {$status}: ".substr((string) $answer, 0, 300));
            }

            return (array) json_decode((string) $answer, true);
        };
        for ($i = 0; $i < 50; $i++) {
            try {
                $send('GET', 'session', null);
                break;
            } catch (RuntimeException) {
                usleep(100_000);
            }
        }
        $send('POST', 'session', ['email' => 'bench@saltreed.example', 'password' => 'bench']);

        return $send;
    }
}
