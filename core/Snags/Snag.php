<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

/** Something about a gallery that visitors would trip over, and what would mend it. */
final readonly class Snag
{
    /**
     * @param  string  $code  of the rule that found it; stays
     * @param  string  $says  what it is, in a sentence
     * @param  list<Mend>  $mends  the best first
     * @param  bool  $isInCrops  whether it is seen where the crops are shown
     * @param  list<string>  $items  identifiers of those that it is about; none where it is about the whole
     * @param  bool  $isOnPhone  whether it is seen on a phone alone
     * @param  list<string>  $marks  of all that was seen: who means one to be so keeps its mark, and where something of it changes the mark is another
     * @param  ?string  $page  that it is about
     */
    public function __construct(
        public string $code,
        public Stage $stage,
        public string $says,
        public array $mends,
        public bool $isInCrops = false,
        public array $items = [],
        public bool $isOnPhone = false,
        public array $marks = [],
        public ?string $page = null,
    ) {
    }

    public function mendedBy(Mend $mend): self
    {
        return new self($this->code, $this->stage, $this->says, [...$this->mends, $mend], $this->isInCrops, $this->items, $this->isOnPhone, $this->marks, $this->page);
    }
}
