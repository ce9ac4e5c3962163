<?php

declare(strict_types=1);

namespace ZincPane\Core\Viewer;

use ZincPane\Core\Settings\Labelled;

/** What a click on a tile does. */
enum ClickAct: string implements Labelled
{
    case Large = 'large';

    /** Grows where it stands, and folds away on the next click. */
    case Place = 'place';

    /** Leads to the picture's own page. */
    case Page = 'page';

    /** Leads to the file that is given to visitors. */
    case File = 'file';

    /** Leads to the address among its words. */
    case Address = 'address';

    case Nothing = 'nothing';

    public function label(): string
    {
        return match ($this) {
            self::Large => 'Large view',
            self::Place => 'Grows in place',
            self::Page => 'Its own page',
            self::File => 'The file itself',
            self::Address => 'Its address',
            self::Nothing => 'Nothing',
        };
    }

    /** Whether a script shows the picture; without one, a plain link does. */
    public function shows(): bool
    {
        return $this === self::Large || $this === self::Place;
    }

    /** Whether files are needed in the sizes of windows. */
    public function isSeenLarge(): bool
    {
        return $this->shows() || $this === self::Page;
    }

    /**
     * What it comes to for one item: a text has no page and no file, and without an address none can be gone to.
     *
     * @param  bool  $leads  an address is among its words
     */
    public function of(bool $isText, bool $leads): self
    {
        return match (true) {
            $this === self::Address && ! $leads => self::Nothing,
            $isText && ($this === self::Page || $this === self::File) => self::Large,
            default => $this,
        };
    }

    /** An address as people say it: "saltreed.example/kites". */
    public static function named(string $address): string
    {
        return preg_replace('~^(https?://|mailto:)~i', '', $address) ?? $address;
    }

    /**
     * What it comes to, in a few words.
     *
     * @param  string  $address  among its words; empty for none
     */
    public function says(bool $isText, string $address): string
    {
        $act = $this->of($isText, $address !== '');

        return match ($act) {
            self::Large => 'opens the large view',
            self::Place => 'grows in place',
            self::Page => 'leads to its own page',
            self::File => 'leads to the file',
            self::Address => 'leads to '.self::named(rtrim($address, '/')),
            self::Nothing => $this === self::Address ? 'does nothing: it has no address yet' : 'does nothing',
        };
    }
}
