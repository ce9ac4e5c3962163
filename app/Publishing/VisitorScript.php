<?php

declare(strict_types=1);

namespace App\Publishing;

use RuntimeException;

/** A small script that visitors load, as built. */
final readonly class VisitorScript
{
    /** What visitors run on every page with a gallery. */
    public const MAIN = 'zinc-pane';

    /** What a click needs, fetched before the first one. */
    public const VIEWER = 'zinc-pane-viewer';

    /** And where tiles arrive. */
    public const ARRIVAL = 'zinc-pane-arrival';

    /**
     * @param  string  $folder  of what was built
     */
    public function __construct(private string $folder, private string $name = self::MAIN)
    {
    }

    /** What is needed only once something is clicked. */
    public function viewer(): self
    {
        return new self($this->folder, self::VIEWER);
    }

    /** What is needed only where tiles arrive. */
    public function arrival(): self
    {
        return new self($this->folder, self::ARRIVAL);
    }

    /**
     * @throws RuntimeException when it was not built yet
     */
    public function contents(): string
    {
        $path = "{$this->folder}/{$this->name}.js";
        $contents = is_file($path) ? file_get_contents($path) : false;

        return $contents === false
            ? throw new RuntimeException('The visitors\' script is not built. Run "npm run build".')
            : $contents;
    }

    /**
     * An element that holds the script itself and runs it once the page was read.
     *
     * @throws RuntimeException when it was not built yet
     */
    public function inline(): string
    {
        return '<script type="module">'.$this->inlined().'</script>';
    }

    /**
     * What a policy allows it by (https://www.w3.org/TR/CSP3/#external-hash): "'sha256-…'".
     *
     * @throws RuntimeException when it was not built yet
     */
    public function hash(): string
    {
        return "'sha256-".base64_encode(hash('sha256', $this->inlined(), true))."'";
    }

    private function inlined(): string
    {
        // Nothing in it may end the element it stands in.
        return str_ireplace('</script', '<\\/script', $this->contents());
    }

    public function fingerprinted(): string
    {
        return $this->name.'-'.substr(hash('sha256', $this->contents()), 0, 12).'.js';
    }
}
