<?php

declare(strict_types=1);

use App\Http\Controllers\Studio\GalleryController;
use App\Http\Controllers\Studio\GalleryPictureController;
use App\Http\Controllers\Studio\PageController;
use App\Http\Controllers\Studio\PaneController;
use App\Http\Controllers\Studio\PictureController;
use App\Http\Controllers\Studio\PutGalleryLive;
use App\Http\Controllers\Studio\RedoChange;
use App\Http\Controllers\Studio\SessionController;
use App\Http\Controllers\Studio\ShowPagePreview;
use App\Http\Controllers\Studio\ShowProof;
use App\Http\Controllers\Studio\ShowSiteStyle;
use App\Http\Controllers\Studio\ShowStudio;
use App\Http\Controllers\Studio\UndoChange;
use Illuminate\Support\Facades\Route;

Route::middleware('web')->prefix('studio')->group(function (): void {
    Route::get('api/session', [SessionController::class, 'show']);
    Route::post('api/session', [SessionController::class, 'store'])->middleware('throttle:sign-in');

    Route::middleware('auth')->group(function (): void {
        Route::delete('api/session', [SessionController::class, 'destroy']);

        Route::get('api/galleries', [GalleryController::class, 'index']);
        Route::post('api/galleries', [GalleryController::class, 'store']);
        Route::get('api/galleries/{gallery}', [GalleryController::class, 'show']);
        Route::patch('api/galleries/{gallery}', [GalleryController::class, 'update']);
        Route::post('api/galleries/{gallery}/undo', UndoChange::class);
        Route::post('api/galleries/{gallery}/redo', RedoChange::class);
        Route::post('api/galleries/{gallery}/live', PutGalleryLive::class);
        Route::post('api/galleries/{gallery}/pictures', [GalleryPictureController::class, 'store']);
        Route::get('api/pictures/{picture}', [PictureController::class, 'show']);
        Route::get('api/pages', [PageController::class, 'index']);
        Route::patch('api/pages/{page}', [PageController::class, 'update']);
        Route::post('api/panes', [PaneController::class, 'store']);
        Route::delete('api/panes/{pane}', [PaneController::class, 'destroy']);

        Route::get('proof/{gallery}', ShowProof::class);
        Route::get('preview/{page}', ShowPagePreview::class);
        Route::get('site.css', ShowSiteStyle::class);
    });

    Route::get('{screen?}', ShowStudio::class)->where('screen', '(?!api/).*');
});
