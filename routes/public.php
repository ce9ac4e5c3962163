<?php

declare(strict_types=1);

use App\Http\Controllers\Live\AnswerOEmbed;
use App\Http\Controllers\Live\PostComment;
use App\Http\Controllers\Live\ShowBroughtIn;
use App\Http\Controllers\Live\ShowEmbed;
use App\Http\Controllers\Live\ShowIiifImage;
use App\Http\Controllers\Live\ShowLiveFile;
use App\Http\Controllers\Live\ShowLivePage;
use App\Http\Controllers\Live\ShowLook;
use App\Http\Controllers\Live\ShowMedia;
use App\Http\Controllers\Live\ShowPicturePage;
use App\Http\Controllers\Live\UnlockGallery;
use App\Http\Middleware\ServeReleasedMedia;
use Illuminate\Support\Facades\Route;

// Visitors. No session is begun, and nothing but editions is read.
Route::get('/', ShowLivePage::class);
// A page as it is saved, for a phone that was given the address; below it what a page asks for that was brought in.
Route::get('/look/{token}/{path?}', ShowLook::class)->where(['token' => '[0-9a-z.]{1,120}', 'path' => '.*']);
Route::get('/{slug}', ShowLivePage::class)->where('slug', '(?!studio(?:/|$)|look/|pictures/|media/|assets/|embed/|guarded/|unlock/|oembed$)[a-z0-9-]+(?:/[a-z0-9-]+){0,3}');
Route::get('/pictures/{gallery}/{item}', ShowPicturePage::class)->where(['gallery' => '[0-9a-z]{12}', 'item' => '[0-9a-z]{1,12}']);
Route::get('/{path}', ShowLiveFile::class)->where('path', 'embed\.js|viewer\.js|arrival\.js|assets/[a-z0-9-]+\.(?:css|js|woff2)|sitemap\.xml|robots\.txt|feed/[0-9a-z]{26}\.xml|iiif/(?:[0-9a-z]{26}/manifest|[0-9a-f]{24}/info)\.json');
Route::get('/iiif/{key}/full/{size}{height}/0/default.jpg', ShowIiifImage::class)->where(['key' => '[0-9a-f]{24}', 'size' => 'max|[1-9]\d{0,4}', 'height' => '(?:,[1-9]\d{0,4})?']);
Route::get('/embed/{gallery}{rest?}', ShowEmbed::class)->where(['gallery' => '[0-9a-z]{26}', 'rest' => '(?:\.[a-z]{2,3})?\.json']);
Route::get('/oembed', AnswerOEmbed::class);

Route::get('/unlock/{gallery}', [UnlockGallery::class, 'show'])->where('gallery', '[0-9a-z]{26}');
Route::post('/unlock/{gallery}', [UnlockGallery::class, 'store'])->where('gallery', '[0-9a-z]{26}')->middleware('throttle:unlock');
Route::post('/comments/{page}', PostComment::class)->where('page', '[0-9a-z]{26}')->middleware('throttle:comment');

// Released renditions are anyone's; the others are the studio's alone.
Route::get('/media/{key}/{file}', ShowMedia::class)
    ->where(['key' => '[0-9a-f]{24}', 'file' => '\d{1,5}\.(?:webp|jpg)|video\.(?:mp4|webm)|words\.vtt|(?:original|without-place|worded-[0-9a-f]{8})\.(?:jpg|png|webp|gif|avif|heic)'])
    ->middleware([ServeReleasedMedia::class, 'web']);

// Pages that were brought in, and what they ask for, under the paths that they had.
Route::get('/{brought}', ShowBroughtIn::class)->where('brought', '(?!studio(?:/|$)|media/|assets/|embed/|pictures/|guarded/|feed/|iiif/|sitemap\.xml$|robots\.txt$)[\w-]+(?:[\w.-]*)(?:/[\w-][\w.-]*)*/?');
