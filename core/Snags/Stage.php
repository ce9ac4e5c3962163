<?php

declare(strict_types=1);

namespace ZincPane\Core\Snags;

/** Where in the studio a snag is looked at, and mended by hand. */
enum Stage: string
{
    case Pictures = 'pictures';
    case Words = 'words';
    case Layout = 'layout';
    case Finish = 'finish';
    case Viewer = 'viewer';
    case Pages = 'pages';
}
