<?php

declare(strict_types=1);

namespace App\Serving;

use InvalidArgumentException;

/** Fills in the configuration of the servers (deploy/): limits and headers are told by PHP, places by who calls. */
final readonly class Configuration
{
    /** What the body of a request has beside a file, in bytes. */
    private const AROUND = 4 * 1024 * 1024;

    /**
     * @param  string  $folder  of the templates
     * @param  array<string, string>  $facts  by name of the placeholder
     */
    public function __construct(private string $folder, private array $facts)
    {
    }

    /**
     * @param  int  $requestBytes  of the largest file in one request
     * @param  array<string, string>  $types  media types by ending of the file name
     * @param  array<string, string>  $broughtTypes  the same of files that came with pages from outside
     * @param  array<string, string>  $problems  what the web server answers by itself, by placeholder
     */
    public static function of(string $folder, int $requestBytes, string $sessionCookie, string $lookCookie, string $openCookie, array $types, array $broughtTypes, array $problems): self
    {
        return new self($folder, [
            'request_bytes' => (string) $requestBytes,
            'body_bytes' => (string) ($requestBytes + self::AROUND),
            'session_cookie' => $sessionCookie,
            'look_cookie' => $lookCookie,
            'open_cookie' => $openCookie,
            'hsts' => Headers::HSTS,
            'types' => self::types($types),
            'brought_types' => self::types($broughtTypes),
            'page_headers' => self::headers(Headers::page()),
            'embed_headers' => self::headers(Headers::embed()),
            'frame_headers' => self::headers(Headers::frame('*')),
            'file_headers' => self::headers(Headers::forEver()),
            ...$problems,
        ]);
    }

    /**
     * The same with more told.
     *
     * @param  array<string, string>  $facts
     */
    public function with(array $facts): self
    {
        return new self($this->folder, [...$this->facts, ...$facts]);
    }

    /**
     * @param  string  $template  its path below the folder
     *
     * @throws InvalidArgumentException when there is none, or something that it asks for was not told, or cannot stand in it
     */
    public function fill(string $template): string
    {
        $path = "{$this->folder}/{$template}";
        $text = is_file($path) ? (string) file_get_contents($path) : throw new InvalidArgumentException("There is no template {$template}.");

        return (string) preg_replace_callback('/\{\{([a-z_]+)\}\}/', fn (array $found): string => $this->fact($found[1], $template), $text);
    }

    private function fact(string $name, string $template): string
    {
        return match (true) {
            isset($this->facts[$name]) => $this->facts[$name],
            // Parts that others are made of.
            is_file("{$this->folder}/".dirname($template)."/{$name}.conf") => $this->fill(dirname($template)."/{$name}.conf"),
            default => throw new InvalidArgumentException("{$template} asks for {$name}, and nobody told it: add {$name}=…"),
        };
    }

    /**
     * @param  array<string, string>  $types  media types by ending
     */
    private static function types(array $types): string
    {
        return implode("\n", array_map(static fn (string $type, string $ending): string => '    '.explode(';', $type)[0]." {$ending};", $types, array_keys($types)));
    }

    /**
     * @param  array<string, string>  $headers
     */
    private static function headers(array $headers): string
    {
        $lines = array_map(static fn (string $name, string $value): string => "    add_header {$name} \"{$value}\" always;", array_keys($headers), $headers);

        return implode("\n", [...$lines, '    add_header Strict-Transport-Security $zinc_pane_hsts always;']);
    }
}
