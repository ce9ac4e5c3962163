<?php

declare(strict_types=1);

use App\Http\Controllers\Api\ShowOpenApi;
use App\Http\Controllers\Studio\BatchController;
use App\Http\Controllers\Studio\BroughtGalleryController;
use App\Http\Controllers\Studio\DownloadGallery;
use App\Http\Controllers\Studio\DownloadGalleryPages;
use App\Http\Controllers\Studio\ElsewhereController;
use App\Http\Controllers\Studio\GalleryController;
use App\Http\Controllers\Studio\GalleryItemController;
use App\Http\Controllers\Studio\GalleryPictureController;
use App\Http\Controllers\Studio\OfflineController;
use App\Http\Controllers\Studio\PageController;
use App\Http\Controllers\Studio\PictureController;
use App\Http\Controllers\Studio\PutGalleryLive;
use App\Http\Controllers\Studio\PutSiteLive;
use App\Http\Controllers\Studio\ShowSnags;
use App\Http\Controllers\Studio\ShowSnagsOfSite;
use App\Http\Controllers\Studio\ShowUploadOutcome;
use App\Http\Controllers\Studio\UploadController;
use App\Http\Controllers\Studio\WordsTableController;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Support\Facades\Route;

// For scripts: what the studio does, by a token instead of a session. Each route has a scope; the answers are the studio's.
Route::prefix('api/v1')->group(function (): void {
    Route::get('openapi.json', ShowOpenApi::class);

    Route::middleware(['auth:sanctum', 'throttle:scripts', 'may:galleries', SubstituteBindings::class])->group(function (): void {
        Route::middleware('scope:read')->group(function (): void {
            Route::get('galleries', [GalleryController::class, 'index']);
            Route::get('galleries/{gallery}', [GalleryController::class, 'show']);
            Route::get('galleries/{gallery}/file', DownloadGallery::class);
            Route::get('galleries/{gallery}/pages', DownloadGalleryPages::class);
            Route::get('galleries/{gallery}/words.csv', [WordsTableController::class, 'show']);
            Route::get('galleries/{gallery}/snags', ShowSnags::class);
            Route::get('snags', ShowSnagsOfSite::class);
            Route::get('galleries/{gallery}/elsewhere', [ElsewhereController::class, 'show']);
            Route::get('pictures', [PictureController::class, 'index']);
            Route::get('pictures/{picture}', [PictureController::class, 'show']);
            Route::get('pages', [PageController::class, 'index']);
            Route::get('batches/{batch}', [BatchController::class, 'show']);
        });
        Route::middleware('scope:write')->group(function (): void {
            Route::post('galleries', [GalleryController::class, 'store']);
            Route::patch('galleries/{gallery}', [GalleryController::class, 'update']);
            Route::delete('galleries/{gallery}', [GalleryController::class, 'destroy']);
            Route::post('galleries/{gallery}/pictures', [GalleryPictureController::class, 'store']);
            Route::post('galleries/{gallery}/items', [GalleryItemController::class, 'store']);
            Route::post('galleries/{gallery}/words.csv', [WordsTableController::class, 'store']);
            Route::patch('pictures/{picture}', [PictureController::class, 'update']);
            Route::post('uploads', [UploadController::class, 'store']);
            Route::match(['head', 'get'], 'uploads/{upload}', [UploadController::class, 'show']);
            Route::get('uploads/{upload}/outcome', ShowUploadOutcome::class);
            Route::patch('uploads/{upload}', [UploadController::class, 'update']);
            Route::delete('uploads/{upload}', [UploadController::class, 'destroy']);
            Route::get('batches/{batch}/understood', [BroughtGalleryController::class, 'show']);
            Route::post('batches/{batch}/gallery', [BroughtGalleryController::class, 'store']);
        });
        Route::middleware('scope:publish')->group(function (): void {
            Route::post('galleries/{gallery}/live', PutGalleryLive::class);
            Route::post('galleries/{gallery}/offline', [OfflineController::class, 'gallery']);
            Route::post('site/live', PutSiteLive::class);
        });
    });
});
