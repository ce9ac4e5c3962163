<?php

declare(strict_types=1);

namespace ZincPane\Core\Phrases\In;

use ZincPane\Core\Phrases\Language;

final class En implements Language
{
    public static function phrases(): array
    {
        return [
            'albums' => 'Albums',
            'pages' => 'Pages',
            'more' => 'More',
            'show_all' => 'Show all {n}',
            'show_fewer' => 'Show fewer',
            'page' => '{t}, page {n}',
            'read' => 'Read it whole',
            'read_named' => 'Read “{t}”',
            'picture' => 'Picture {n} of {m}',
            'video' => 'Video: {t}',
            'video_numbered' => 'Video: {n} of {m}',
            'elsewhere' => 'leads to {t}',
            'elsewhere_new' => 'leads to {t}, in a new tab',
            'hint_large' => 'Click a picture to enlarge it',
            'hint_place' => 'Click a picture to see it larger here',
            'hint_page' => 'Click a picture to go to its page',
            'hint_other' => 'Click a picture to go where it leads',
            'date' => '{d} {month} {y}',
            'previous' => 'Previous: {t}',
            'next' => 'Next: {t}',
            'up' => 'Back to {t}',
            'embed_none' => 'This gallery is not to be seen at present.',
            'embed_refused' => 'This gallery is not meant for this site.',
            'embed_locked' => 'This gallery is locked, and is opened on its own site only.',
            'locked_title' => 'Locked',
            'locked' => 'This gallery is locked.',
            'locked_password' => 'Password',
            'locked_open' => 'Open the gallery',
            'locked_wrong' => 'This is not the password.',
            'locked_many' => 'That were many tries. Please wait a little, and try again.',
            'missing' => 'There is no such page here.',
            'missing_on' => 'It may have moved. Go on from the first page',
            'around' => 'Other pictures',
            'download' => 'Download',
            'comments' => 'Comments',
            'comments_none' => 'Nobody has written anything here yet.',
            'comment_note' => 'What you write is shown once somebody has looked at it.',
            'comment_name' => 'Your name',
            'comment_text' => 'Your comment',
            'comment_send' => 'Send the comment',
            'comment_received' => 'Thank you. Your comment is here, and is shown once somebody has looked at it.',
            'comment_empty' => 'Please write something here.',
            'comment_long' => 'This is {m} characters long; at most {n} are taken. Please shorten it.',
            'comment_link' => 'Comments take no addresses of other sites. Please leave it out.',
            'comment_full' => 'Too many comments wait to be looked at. Please come back later.',
            'comment_many' => 'That were many comments in a short time. Please wait a minute, and send it again.',
            'v.title' => 'Pictures',
            'v.close' => 'Close',
            'v.next' => 'Next picture',
            'v.previous' => 'Previous picture',
            'v.count' => '{n} of {m}',
            'v.picture' => 'Picture {n} of {m}',
            'v.in' => 'Enlarge',
            'v.out' => 'Make smaller',
            'v.zoom' => 'Size',
            'v.whole' => 'Whole picture',
            'v.loupe' => 'Magnifier',
            'v.play' => 'Play slideshow',
            'v.pause' => 'Pause slideshow',
            'v.full' => 'Full screen',
            'v.share' => 'Share',
            'v.copied' => 'The address was copied',
            'v.download' => 'Download',
            'v.words' => 'About this picture',
            'v.all' => 'All pictures',
            'v.missing' => 'This picture could not be loaded.',
            'v.again' => 'Try again',
            'v.fold' => 'Fold away',
            'v.back' => 'Previous pictures',
            'v.on' => 'Next pictures',
            'v.run' => 'Play the slideshow',
            'v.hold' => 'Pause the slideshow',
        ];
    }

    public static function months(): array
    {
        return ['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December'];
    }
}
