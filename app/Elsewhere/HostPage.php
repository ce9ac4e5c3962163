<?php

declare(strict_types=1);

namespace App\Elsewhere;

use ZincPane\Core\Embeds\Strength;

/** Made-up pages of other people, on which an embed is tried. */
enum HostPage: string
{
    case Plain = 'plain';
    case Dark = 'dark';
    case Narrow = 'narrow';
    case RightToLeft = 'rtl';
    case Resets = 'resets';
    case Twice = 'twice';
    case NoScript = 'no-script';
    case Mild = 'mild';
    case Firm = 'firm';
    case Strict = 'strict';

    public function label(): string
    {
        return match ($this) {
            self::Plain => 'A light page',
            self::Dark => 'A dark page',
            self::Narrow => 'A narrow column',
            self::RightToLeft => 'Right to left',
            self::Resets => 'Rules for everything',
            self::Twice => 'Twice on one page',
            self::NoScript => 'No script runs',
            self::Mild => 'A mild editor',
            self::Firm => 'A firm editor',
            self::Strict => 'A strict editor',
        };
    }

    public function strength(): ?Strength
    {
        return Strength::tryFrom($this->value);
    }

    /** What its style sheet says. */
    public function style(): string
    {
        $column = 'body{margin:0;font:18px/1.6 Georgia,serif}main{max-width:820px;margin:0 auto;padding:28px 20px}';

        return match ($this) {
            self::Dark => "{$column}body{background:#16191d;color:#e8e4da;font-family:ui-monospace,monospace}a{color:#9fd0ff}",
            self::Narrow => "{$column}main{max-width:340px}",
            self::Resets => "{$column}*,*::before{margin:0;padding:0;box-sizing:border-box;border:0 solid}html{font-size:40px}img{max-width:60%;height:auto;border:6px solid #c33;border-radius:30px}li{list-style:square;display:list-item;margin-inline-start:40px}a{color:#c33;text-decoration:underline wavy}p{text-transform:uppercase}",
            default => $column,
        };
    }

    public function runsScripts(): bool
    {
        return $this !== self::NoScript;
    }
}
