<?php

declare(strict_types=1);

namespace App\Http;

use App\BroughtIn\PageFile;
use App\Serving\Headers;
use Illuminate\Http\Request;
use Illuminate\Http\Response as Answer;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Response;

/** Files as answers, with the caching that their addresses allow. */
final class FileAnswer
{
    /** Media types by ending of the file name; the web server has the same. */
    public const TYPES = [
        'html' => 'text/html; charset=utf-8',
        'css' => 'text/css; charset=utf-8',
        'js' => 'text/javascript; charset=utf-8',
        'json' => 'application/json; charset=utf-8',
        'webp' => 'image/webp',
        'jpg' => 'image/jpeg',
        'jpeg' => 'image/jpeg',
        'png' => 'image/png',
        'mp4' => 'video/mp4',
        'webm' => 'video/webm',
        'gif' => 'image/gif',
        'avif' => 'image/avif',
        'heic' => 'image/heic',
        'vtt' => 'text/vtt; charset=utf-8',
        'svg' => 'image/svg+xml',
        'txt' => 'text/plain; charset=utf-8',
        'xml' => 'application/xml; charset=utf-8',
        'woff2' => 'font/woff2',
    ];

    /** Of files that came with pages from outside; what is not among them, scripts above all, is only bytes here. */
    public const BROUGHT_TYPES = [
        'html' => 'text/html', 'htm' => 'text/html', 'css' => 'text/css', 'png' => 'image/png', 'jpg' => 'image/jpeg', 'jpeg' => 'image/jpeg', 'gif' => 'image/gif', 'webp' => 'image/webp', 'avif' => 'image/avif',
        'svg' => 'image/svg+xml', 'ico' => 'image/x-icon', 'woff' => 'font/woff', 'woff2' => 'font/woff2', 'ttf' => 'font/ttf', 'otf' => 'font/otf', 'txt' => 'text/plain', 'pdf' => 'application/pdf', 'mp4' => 'video/mp4', 'webm' => 'video/webm', 'vtt' => 'text/vtt',
    ];

    /** Under an address that never changes meaning. */
    public static function forEver(string $path): BinaryFileResponse
    {
        // The words of a video may be read from any site that a gallery is embedded in, and so may the video they go with.
        return self::of($path, Headers::forEver());
    }

    /** For one who is signed in: not to be kept by anything between. */
    public static function forOne(string $path, ?string $type = null): BinaryFileResponse
    {
        return self::of($path, ['Cache-Control' => 'private, max-age=3600', ...($type === null ? [] : ['Content-Type' => $type])]);
    }

    /**
     * To be asked for again each time, and answered with 304 while it is the same.
     *
     * @param  array<string, string>  $headers
     */
    public static function revalidated(string $path, Request $request, array $headers): Response
    {
        $response = self::of($path, $headers);
        $response->setEtag(substr((string) hash_file('sha256', $path), 0, 32));
        $response->isNotModified($request);

        return $response;
    }

    /**
     * The same with all its headers: a web server that sends the file itself heeds few of those that PHP told.
     *
     * @param  array<string, string>  $headers
     */
    public static function told(string $path, Request $request, int $status, array $headers): Response
    {
        $response = new Answer((string) file_get_contents($path), $status, ['Content-Type' => self::TYPES[pathinfo($path, PATHINFO_EXTENSION)] ?? 'application/octet-stream', ...$headers]);
        $response->setEtag(substr(hash('sha256', (string) $response->getContent()), 0, 32));
        $status === 200 && $response->isNotModified($request);

        return $response;
    }

    /**
     * What came from outside, in the encoding that it says.
     *
     * @param  array<string, string>  $headers
     * @param  ?string  $name  that it came by, where it lies under another
     */
    public static function broughtIn(string $path, Request $request, array $headers, ?string $name = null): Response
    {
        $type = self::BROUGHT_TYPES[strtolower(pathinfo($name ?? $path, PATHINFO_EXTENSION))] ?? 'application/octet-stream';
        $response = self::revalidated($path, $request, ['Content-Type' => $type, ...$headers]);
        if (str_starts_with($type, 'text/')) {
            $start = (string) file_get_contents($path, false, null, 0, 4096);
            $response->setCharset(PageFile::charsetOf($start) ?? 'utf-8');
        }

        return $response;
    }

    /**
     * @param  array<string, string>  $headers
     */
    private static function of(string $path, array $headers): BinaryFileResponse
    {
        $type = self::TYPES[pathinfo($path, PATHINFO_EXTENSION)] ?? 'application/octet-stream';

        return new BinaryFileResponse($path, 200, ['Content-Type' => $type, ...$headers], public: str_contains($headers['Cache-Control'], 'public'));
    }
}
