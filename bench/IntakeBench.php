<?php

declare(strict_types=1);

namespace Bench;

use App\Models\Picture;
use App\Models\PictureState;
use CurlHandle;
use CurlMultiHandle;
use RuntimeException;
use Symfony\Component\Process\Process;
use ZincPane\Core\Delivery\RenditionPlan;
use ZincPane\Core\Geometry\Size;

/**
 * Many JPEGs of 12 megapixels sent as the studio sends them, from the first byte until the last
 * picture is ready; and the same renditions of the same files by the plain loop.
 */
final class IntakeBench
{
    /** How many the studio sends at once. */
    private const AT_ONCE = 3;

    private const TUS = 'Tus-Resumable: 1.0.0';

    /**
     * @return array<string, int|float>
     */
    public static function run(string $folder, int $count): array
    {
        $files = [];
        for ($i = 0; $i < $count; $i++) {
            $files[] = $file = "{$folder}/intake-{$i}.jpg";
            CameraFile::make($file, 4000, 3000, $i + 1);
        }
        config(['queue.default' => 'database']);
        $studio = new ServedStudio(4, ['QUEUE_CONNECTION' => 'database']);
        $worker = new Process(['php', '-d', 'memory_limit=128M', 'artisan', 'queue:work', '--sleep=0.3', '--quiet'], base_path(), ['QUEUE_CONNECTION' => 'database'], null, null);
        $worker->start();
        try {
            $begun = hrtime(true);
            self::sendAll($studio, $files);
            self::wait($count);
            $ours = (hrtime(true) - $begun) / 1e6;
            $peak = max(self::peak($studio->pid()), self::peak((int) $worker->getPid()));
        } finally {
            $worker->stop(1);
            $studio->stop();
        }
        $plan = RenditionPlan::basic()->for(Size::of(4000, 3000));
        mkdir("{$folder}/loop");
        $begun = hrtime(true);
        foreach ($files as $file) {
            PlainThumbnails::make($file, $plan, "{$folder}/loop");
        }
        $plain = (hrtime(true) - $begun) / 1e6;

        return [
            'median_ms' => round($ours), 'p95_ms' => round($ours), 'runs' => 1, 'pictures' => $count, 'files' => $count * count($plan),
            'plain_ms' => round($plain), 'ratio' => round($ours / $plain, 3), 'peak_mb' => round($peak / 1024, 1),
        ];
    }

    /**
     * @param  list<string>  $files
     */
    private static function sendAll(ServedStudio $studio, array $files): void
    {
        $all = curl_multi_init();
        $sending = 0;
        while ($files !== [] || $sending > 0) {
            while ($files !== [] && $sending < self::AT_ONCE) {
                self::begin($studio, $all, array_shift($files));
                $sending++;
            }
            curl_multi_exec($all, $running);
            curl_multi_select($all, 0.2);
            while (is_array($done = curl_multi_info_read($all)) && $done['handle'] instanceof CurlHandle) {
                self::check((string) curl_multi_getcontent($done['handle']), curl_getinfo($done['handle'], CURLINFO_RESPONSE_CODE), 201);
                curl_multi_remove_handle($all, $done['handle']);
                $sending--;
            }
        }
    }

    private static function begin(ServedStudio $studio, CurlMultiHandle $all, string $file): void
    {
        $request = $studio->request('POST', '/studio/api/uploads', [self::TUS, 'Upload-Length: '.filesize($file), 'Upload-Metadata: filename '.base64_encode(basename($file))]);
        $answer = (string) curl_exec($request);
        self::check($answer, curl_getinfo($request, CURLINFO_RESPONSE_CODE), 201);
        preg_match('/^Location: (\S+)/mi', $answer, $place);
        curl_multi_add_handle($all, $studio->request('PATCH', $place[1] ?? '', [self::TUS, 'Upload-Offset: 0', 'Content-Type: application/offset+octet-stream'], (string) file_get_contents($file)));
    }

    private static function check(string $answer, int $status, int $wanted): void
    {
        if ($status !== $wanted) {
            throw new RuntimeException("An upload was answered by {$status}: ".substr($answer, -400));
        }
    }

    private static function wait(int $count): void
    {
        while (Picture::query()->where('state', PictureState::Ready)->where('name', 'like', 'intake-%')->count() < $count) {
            if (Picture::query()->where('state', PictureState::Failed)->exists()) {
                throw new RuntimeException('A picture failed.');
            }
            usleep(50_000);
        }
    }

    /** Most memory, in KiB, that a process or one it forked ever held. */
    private static function peak(int $pid): int
    {
        $peak = preg_match('/^VmHWM:\s+(\d+)/m', (string) @file_get_contents("/proc/{$pid}/status"), $found) === 1 ? (int) $found[1] : 0;
        foreach (preg_split('/ /', (string) @file_get_contents("/proc/{$pid}/task/{$pid}/children"), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $child) {
            $peak = max($peak, self::peak((int) $child));
        }

        return $peak;
    }
}
