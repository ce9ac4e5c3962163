<?php

declare(strict_types=1);

namespace App\Publishing;

use DOMDocument;

/** What another site is told of an address. */
final readonly class OEmbedAnswer
{
    /**
     * @param  array<string, string|int>  $facts  as the specification names them
     */
    private function __construct(public int $status, public string $says, public array $facts)
    {
    }

    /**
     * @param  array<string, string|int>  $facts
     */
    public static function of(array $facts): self
    {
        return new self(200, '', $facts);
    }

    public static function unknown(): self
    {
        return new self(404, 'There is no gallery at that address, or none that is live.', []);
    }

    public static function closed(): self
    {
        return new self(401, 'What is at that address is not for every site.', []);
    }

    public function xml(): string
    {
        $document = new DOMDocument('1.0', 'utf-8');
        $root = $document->appendChild($document->createElement('oembed'));
        foreach ($this->facts as $name => $fact) {
            $root->appendChild($document->createElement($name))->appendChild($document->createTextNode((string) $fact));
        }

        return (string) $document->saveXML();
    }
}
