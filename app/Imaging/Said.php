<?php

declare(strict_types=1);

namespace App\Imaging;

use Symfony\Component\Process\Process;

/** What one process of a tool printed, as far as it may. */
final class Said
{
    private string $words = '';

    private string $complaint = '';

    public function __construct(public readonly string $tool, private readonly int $most)
    {
    }

    /**
     * @throws ImagingException when it is more than may be
     */
    public function note(string $stream, string $words): void
    {
        if (strlen($this->words) + strlen($this->complaint) + strlen($words) > $this->most) {
            throw ImagingException::saidTooMuch($this->tool, $this->most);
        }
        if ($stream === Process::OUT) {
            $this->words .= $words;
        } else {
            $this->complaint .= $words;
        }
    }

    public function words(): string
    {
        return $this->words;
    }

    public function complaint(): string
    {
        return $this->complaint;
    }
}
