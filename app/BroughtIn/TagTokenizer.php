<?php

declare(strict_types=1);

namespace App\BroughtIn;

use Masterminds\HTML5\Parser\Scanner;
use Masterminds\HTML5\Parser\Tokenizer;

/** Tells of each tag the byte where it begins and the byte behind it. */
final class TagTokenizer extends Tokenizer
{
    public function __construct(private readonly Scanner $bytes, private readonly SpotFinder $finder)
    {
        parent::__construct($bytes, $finder);
    }

    /**
     * @return bool
     */
    protected function tagName()
    {
        // Its "<" was read already.
        $this->finder->begin = $this->bytes->position() - 1;
        $this->finder->bytes = $this->bytes;

        return parent::tagName() === true;
    }

    /**
     * @return bool
     */
    protected function endTag()
    {
        $this->finder->begin = $this->bytes->position() - 1;
        $this->finder->bytes = $this->bytes;

        return parent::endTag() === true;
    }
}
