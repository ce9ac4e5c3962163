<?php

declare(strict_types=1);

namespace App\Publishing;

use RuntimeException;

/** A small script that visitors load, as built. */
final readonly class VisitorScript
{
    /** What visitors run on every page of the site with a gallery. */
    public const MAIN = 'zinc-pane';

    /** And on pages elsewhere. */
    public const ELSEWHERE = 'zinc-pane-elsewhere';

    /** What a click needs, fetched before the first one. */
    public const VIEWER = 'zinc-pane-viewer';

    /** And where tiles arrive. */
    public const ARRIVAL = 'zinc-pane-arrival';

    /** Whatever visitors run. */
    public const PARTS = [self::MAIN, self::ELSEWHERE, self::VIEWER, self::ARRIVAL];

    /**
     * @param  string  $folder  of what was built
     */
    public function __construct(private string $folder, private string $name = self::MAIN)
    {
    }

    /** What is needed on pages elsewhere. */
    public function elsewhere(): self
    {
        return new self($this->folder, self::ELSEWHERE);
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

    /**
     * The same with all that it fetches by and by: what a gallery needs may change while its page is shown.
     *
     * @throws RuntimeException when it was not built yet
     */
    public function whole(): string
    {
        return $this->viewer()->inline().$this->inline().$this->arrival()->inline();
    }

    /**
     * @return list<self> whatever visitors run
     */
    public function parts(): array
    {
        return array_map(fn (string $name): self => new self($this->folder, $name), self::PARTS);
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
