<?php

declare(strict_types=1);

namespace ZincPane\Core\Wording;

/** What may be wrong with an alt text. (https://www.w3.org/WAI/tutorials/images/) */
enum AltFlaw: string
{
    case Missing = 'missing';
    case FileName = 'file-name';
    case SaysNothing = 'says-nothing';
    case Filler = 'filler';
    case SameAsCaption = 'same-as-caption';
    case TooLong = 'too-long';
    case Repeated = 'repeated';

    /** What is wrong, and what to do. */
    public function advice(): string
    {
        return match ($this) {
            self::Missing => 'There is no alt text. Say what is to be seen, or mark the picture as decorative.',
            self::FileName => 'This is a file name. Say what is to be seen instead.',
            self::SaysNothing => 'It says nothing of the picture. Say what is to be seen, or mark the picture as decorative.',
            self::Filler => 'It begins with words like “image of”, which a screen reader says already. Leave them out.',
            self::SameAsCaption => 'It says the same as the caption and would be heard twice. Say what the caption leaves out.',
            self::TooLong => 'It is longer than '.AltReview::LONGEST.' characters. Say the main thing here and put the rest into the description.',
            self::Repeated => 'Several pictures have this text. Say what is different in each.',
        };
    }

    /** In two or three words. */
    public function label(): string
    {
        return match ($this) {
            self::Missing => 'No alt text',
            self::FileName => 'A file name',
            self::SaysNothing => 'Says nothing',
            self::Filler => 'Begins with “image of”',
            self::SameAsCaption => 'Same as the caption',
            self::TooLong => 'Too long',
            self::Repeated => 'Used more than once',
        };
    }
}
