<?php

declare(strict_types=1);

use App\Http\Controllers\Studio\AcceptInvitation;
use App\Http\Controllers\Studio\BatchController;
use App\Http\Controllers\Studio\BringInPages;
use App\Http\Controllers\Studio\ChangePassword;
use App\Http\Controllers\Studio\CheckPage;
use App\Http\Controllers\Studio\CleanPasted;
use App\Http\Controllers\Studio\CommentController;
use App\Http\Controllers\Studio\DeleteForGood;
use App\Http\Controllers\Studio\DownloadPage;
use App\Http\Controllers\Studio\DuplicateOfGallery;
use App\Http\Controllers\Studio\ElsewhereController;
use App\Http\Controllers\Studio\ElsewhereOfSiteController;
use App\Http\Controllers\Studio\FillGallery;
use App\Http\Controllers\Studio\FindFocal;
use App\Http\Controllers\Studio\FinishController;
use App\Http\Controllers\Studio\FinishFileController;
use App\Http\Controllers\Studio\GalleryController;
use App\Http\Controllers\Studio\GalleryItemController;
use App\Http\Controllers\Studio\GalleryPictureController;
use App\Http\Controllers\Studio\GalleryTextController;
use App\Http\Controllers\Studio\HistoryController;
use App\Http\Controllers\Studio\InvitationController;
use App\Http\Controllers\Studio\LockController;
use App\Http\Controllers\Studio\MakeLook;
use App\Http\Controllers\Studio\MenuController;
use App\Http\Controllers\Studio\OfflineController;
use App\Http\Controllers\Studio\OrderController;
use App\Http\Controllers\Studio\PageController;
use App\Http\Controllers\Studio\PaneController;
use App\Http\Controllers\Studio\PartsController;
use App\Http\Controllers\Studio\PeopleController;
use App\Http\Controllers\Studio\PictureController;
use App\Http\Controllers\Studio\PreviewDesign;
use App\Http\Controllers\Studio\PreviewFill;
use App\Http\Controllers\Studio\PreviewWordsTable;
use App\Http\Controllers\Studio\PutGalleryLive;
use App\Http\Controllers\Studio\PutInBin;
use App\Http\Controllers\Studio\PutSiteLive;
use App\Http\Controllers\Studio\RedoChange;
use App\Http\Controllers\Studio\RestoreFromBin;
use App\Http\Controllers\Studio\RestoreGallery;
use App\Http\Controllers\Studio\SecondStepController;
use App\Http\Controllers\Studio\SessionController;
use App\Http\Controllers\Studio\ShowAccount;
use App\Http\Controllers\Studio\ShowCandidates;
use App\Http\Controllers\Studio\ShowClicks;
use App\Http\Controllers\Studio\ShowEdition;
use App\Http\Controllers\Studio\ShowFinishes;
use App\Http\Controllers\Studio\ShowLaidOut;
use App\Http\Controllers\Studio\ShowLookAlikes;
use App\Http\Controllers\Studio\ShowNextPage;
use App\Http\Controllers\Studio\ShowPagePreview;
use App\Http\Controllers\Studio\ShowProof;
use App\Http\Controllers\Studio\ShowPulse;
use App\Http\Controllers\Studio\ShowSecurityLog;
use App\Http\Controllers\Studio\ShowSiteStyle;
use App\Http\Controllers\Studio\ShowSourceFile;
use App\Http\Controllers\Studio\ShowStudio;
use App\Http\Controllers\Studio\ShowTidied;
use App\Http\Controllers\Studio\ShowUploadOutcome;
use App\Http\Controllers\Studio\ShowUses;
use App\Http\Controllers\Studio\ShowVocabulary;
use App\Http\Controllers\Studio\SignInsController;
use App\Http\Controllers\Studio\SiteController;
use App\Http\Controllers\Studio\SourceController;
use App\Http\Controllers\Studio\TakeFromSource;
use App\Http\Controllers\Studio\TidyMany;
use App\Http\Controllers\Studio\UndoChange;
use App\Http\Controllers\Studio\UploadController;
use App\Http\Controllers\Studio\WordsTableController;
use App\Http\Middleware\KnownSignIn;
use Illuminate\Support\Facades\Route;

// Whoever is signed in; what they may do is said by each group.
$known = ['auth', KnownSignIn::class];

Route::middleware('web')->prefix('studio')->group(function () use ($known): void {
    Route::get('api/session', [SessionController::class, 'show']);
    Route::post('api/session', [SessionController::class, 'store'])->middleware('throttle:sign-in');
    Route::post('api/invitation', [AcceptInvitation::class, 'store'])->middleware('throttle:sign-in');
    Route::post('api/invitation/look', [AcceptInvitation::class, 'show'])->middleware('throttle:sign-in');

    Route::middleware([...$known, 'may:own-account'])->group(function (): void {
        Route::delete('api/session', [SessionController::class, 'destroy']);
        Route::get('api/account', ShowAccount::class);
        Route::post('api/account/password', ChangePassword::class)->middleware('throttle:sign-in');
        Route::post('api/account/second-step', [SecondStepController::class, 'store'])->middleware('throttle:sign-in');
        Route::put('api/account/second-step', [SecondStepController::class, 'update'])->middleware('throttle:sign-in');
        Route::post('api/account/second-step/end', [SecondStepController::class, 'destroy'])->middleware('throttle:sign-in');
        Route::delete('api/account/sign-ins', [SignInsController::class, 'destroyOthers']);
        Route::delete('api/account/sign-ins/{signIn}', [SignInsController::class, 'destroy']);
    });

    Route::middleware([...$known, 'may:people'])->group(function (): void {
        Route::get('api/people', [PeopleController::class, 'index']);
        Route::patch('api/people/{user}', [PeopleController::class, 'update']);
        Route::delete('api/people/{user}', [PeopleController::class, 'destroy']);
        Route::post('api/invitations', [InvitationController::class, 'store']);
        Route::delete('api/invitations/{invitation}', [InvitationController::class, 'destroy']);
    });

    Route::get('api/security', ShowSecurityLog::class)->middleware([...$known, 'may:security-log']);

    Route::middleware([...$known, 'may:galleries'])->group(function (): void {
        Route::get('api/vocabulary', ShowVocabulary::class);

        Route::get('api/galleries', [GalleryController::class, 'index']);
        Route::post('api/galleries', [GalleryController::class, 'store']);
        Route::get('api/galleries/{gallery}', [GalleryController::class, 'show']);
        Route::patch('api/galleries/{gallery}', [GalleryController::class, 'update']);
        Route::delete('api/galleries/{gallery}', [GalleryController::class, 'destroy']);
        Route::post('api/galleries/{gallery}/restore', RestoreGallery::class);
        Route::post('api/galleries/{gallery}/duplicate', DuplicateOfGallery::class);
        Route::post('api/galleries/{gallery}/undo', UndoChange::class);
        Route::post('api/galleries/{gallery}/redo', RedoChange::class);
        Route::get('api/galleries/{gallery}/history', [HistoryController::class, 'gallery']);
        Route::post('api/galleries/{gallery}/back', [HistoryController::class, 'galleryBack']);
        Route::post('api/galleries/{gallery}/live', PutGalleryLive::class);
        Route::post('api/galleries/{gallery}/offline', [OfflineController::class, 'gallery']);
        Route::post('api/galleries/{gallery}/pictures', [GalleryPictureController::class, 'store']);
        Route::post('api/galleries/{gallery}/items', [GalleryItemController::class, 'store']);
        Route::post('api/galleries/{gallery}/texts', [GalleryTextController::class, 'store']);
        Route::get('api/galleries/{gallery}/pulse', ShowPulse::class);
        Route::get('api/galleries/{gallery}/laid-out', ShowLaidOut::class);
        Route::get('api/galleries/{gallery}/candidates', ShowCandidates::class);
        Route::get('api/galleries/{gallery}/finishes', ShowFinishes::class);
        Route::get('api/galleries/{gallery}/clicks', ShowClicks::class);
        Route::post('api/finishes', [FinishController::class, 'store']);
        Route::post('api/finishes/file', [FinishFileController::class, 'store']);
        Route::get('api/finishes/{finish}', [FinishController::class, 'show']);
        Route::patch('api/finishes/{finish}', [FinishController::class, 'update']);
        Route::delete('api/finishes/{finish}', [FinishController::class, 'destroy']);
        Route::get('api/finishes/{finish}/file', [FinishFileController::class, 'show']);
        Route::get('api/galleries/{gallery}/preview', PreviewDesign::class);
        Route::get('api/galleries/{gallery}/order', [OrderController::class, 'show']);
        Route::post('api/galleries/{gallery}/order', [OrderController::class, 'store']);
        Route::post('api/galleries/{gallery}/fill', FillGallery::class);
        Route::post('api/galleries/{gallery}/fill/preview', PreviewFill::class);
        Route::get('api/galleries/{gallery}/words.csv', [WordsTableController::class, 'show']);
        Route::post('api/galleries/{gallery}/words.csv', [WordsTableController::class, 'store']);
        Route::post('api/galleries/{gallery}/words.csv/preview', PreviewWordsTable::class);

        Route::get('api/galleries/{gallery}/elsewhere', [ElsewhereController::class, 'show']);
        Route::put('api/galleries/{gallery}/elsewhere', [ElsewhereController::class, 'update']);
        Route::put('api/galleries/{gallery}/lock', [LockController::class, 'update']);
        Route::delete('api/galleries/{gallery}/lock', [LockController::class, 'destroy']);
        Route::get('api/elsewhere', [ElsewhereOfSiteController::class, 'show']);
        Route::put('api/elsewhere', [ElsewhereOfSiteController::class, 'update']);
        Route::post('api/elsewhere/check', CheckPage::class);
        Route::post('api/elsewhere/clean', CleanPasted::class);

        Route::get('api/pictures', [PictureController::class, 'index']);
        Route::get('api/pictures/look-alikes', ShowLookAlikes::class);
        Route::post('api/pictures/bin', PutInBin::class);
        Route::post('api/pictures/restore', RestoreFromBin::class);
        Route::post('api/pictures/delete', DeleteForGood::class);
        Route::post('api/pictures/tidy', TidyMany::class);
        Route::post('api/pictures/offline', [OfflineController::class, 'pictures']);
        Route::post('api/pictures/online', [OfflineController::class, 'picturesBack']);
        Route::get('api/pictures/{picture}', [PictureController::class, 'show']);
        Route::patch('api/pictures/{picture}', [PictureController::class, 'update']);
        Route::get('api/pictures/{picture}/uses', ShowUses::class);
        Route::get('api/pictures/{picture}/tidied', ShowTidied::class);
        Route::get('api/pictures/{picture}/focal', FindFocal::class);

        Route::post('api/uploads', [UploadController::class, 'store']);
        Route::match(['head', 'get'], 'api/uploads/{upload}', [UploadController::class, 'show']);
        Route::get('api/uploads/{upload}/outcome', ShowUploadOutcome::class);
        Route::patch('api/uploads/{upload}', [UploadController::class, 'update']);
        Route::delete('api/uploads/{upload}', [UploadController::class, 'destroy']);
        Route::get('api/batches/{batch}', [BatchController::class, 'show']);
        Route::get('api/sources', [SourceController::class, 'index']);
        Route::get('api/sources/{source}', [SourceController::class, 'show']);
        Route::get('api/sources/{source}/files/{file}', ShowSourceFile::class);
        Route::post('api/sources/{source}/take', TakeFromSource::class);

        Route::get('api/pages', [PageController::class, 'index']);
        Route::post('api/pages', [PageController::class, 'store']);
        Route::post('api/pages/bring-in', BringInPages::class);
        Route::patch('api/pages/{page}', [PageController::class, 'update']);
        Route::delete('api/pages/{page}', [PageController::class, 'destroy']);
        Route::post('api/pages/{page}/offline', [OfflineController::class, 'page']);
        Route::post('api/pages/{page}/look', MakeLook::class);
        Route::get('api/pages/{page}/file', DownloadPage::class);
        Route::get('api/pages/{page}/parts', [PartsController::class, 'show']);
        Route::put('api/pages/{page}/parts', [PartsController::class, 'update']);
        Route::get('api/site', [SiteController::class, 'show']);
        Route::put('api/site/menu', [MenuController::class, 'update']);
        Route::post('api/site/undo', [SiteController::class, 'undo']);
        Route::post('api/site/redo', [SiteController::class, 'redo']);
        Route::post('api/site/live', PutSiteLive::class);
        Route::get('api/comments', [CommentController::class, 'index']);
        Route::patch('api/comments/{comment}', [CommentController::class, 'update']);
        Route::delete('api/comments/{comment}', [CommentController::class, 'destroy']);
        Route::get('api/site/history', [HistoryController::class, 'site']);
        Route::post('api/site/back', [HistoryController::class, 'siteBack']);
        Route::post('api/editions/{edition}/live', [HistoryController::class, 'editionLive']);
        Route::post('api/panes', [PaneController::class, 'store']);
        Route::get('api/panes/{pane}', [PaneController::class, 'show']);
        Route::patch('api/panes/{pane}', [PaneController::class, 'update']);
        Route::delete('api/panes/{pane}', [PaneController::class, 'destroy']);

        Route::get('proof/{gallery}', ShowProof::class);
        Route::get('there/{gallery}', [ElsewhereController::class, 'page']);
        Route::get('there/{gallery}/frame', [ElsewhereController::class, 'frame']);
        Route::get('preview/{page}/{path?}', ShowPagePreview::class)->where('path', '.*');
        Route::get('next/{page}/{path?}', ShowNextPage::class)->where('path', '.*');
        Route::get('edition/{edition}', ShowEdition::class);
        Route::get('site.css', ShowSiteStyle::class);
    });

    Route::get('{screen?}', ShowStudio::class)->where('screen', '(?!api/).*');
});
