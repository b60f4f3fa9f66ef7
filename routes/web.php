<?php

declare(strict_types=1);

use App\Http\Controllers\AccountController;
use App\Http\Controllers\BackupController;
use App\Http\Controllers\BeginningController;
use App\Http\Controllers\BlockController;
use App\Http\Controllers\ChairFitController;
use App\Http\Controllers\ClassController;
use App\Http\Controllers\ComposeController;
use App\Http\Controllers\FileController;
use App\Http\Controllers\FindController;
use App\Http\Controllers\FloorController;
use App\Http\Controllers\GroupController;
use App\Http\Controllers\LedClassController;
use App\Http\Controllers\LibraryController;
use App\Http\Controllers\LookController;
use App\Http\Controllers\MatrixController;
use App\Http\Controllers\OwnMovementController;
use App\Http\Controllers\PaceController;
use App\Http\Controllers\ParticipantController;
use App\Http\Controllers\PeopleFileController;
use App\Http\Controllers\PersonDataController;
use App\Http\Controllers\PlaceController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PoseController;
use App\Http\Controllers\PrecautionController;
use App\Http\Controllers\Print;
use App\Http\Controllers\ReadinessController;
use App\Http\Controllers\RehearsalController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\TeachingController;
use App\Http\Controllers\WelcomeController;
use App\Http\Middleware\KeepsDailyBackup;
use Illuminate\Support\Facades\Route;

Route::middleware('guest')->group(static function (): void {
    Route::get('/welcome', [WelcomeController::class, 'show']);
    Route::post('/welcome', [WelcomeController::class, 'store'])->middleware('throttle:sign-in');
    Route::get('/invitation/{token}', [WelcomeController::class, 'invited'])->where('token', '[A-Za-z0-9]{10,80}');
    Route::post('/invitation/{token}', [WelcomeController::class, 'accept'])->where('token', '[A-Za-z0-9]{10,80}')->middleware('throttle:sign-in');
    Route::get('/sign-in', [SessionController::class, 'create'])->middleware('account')->name('login');
});
// Also from within a page that is open: signing in again in place.
Route::get('/session', [SessionController::class, 'show']);
Route::post('/sign-in', [SessionController::class, 'store'])->middleware('throttle:sign-in');
Route::post('/sign-in/demo', [SessionController::class, 'demo'])->middleware('throttle:120,1');

Route::middleware(['account', 'auth'])->group(static function (): void {
    Route::post('/sign-out', [SessionController::class, 'destroy']);

    Route::prefix('api')->group(static function (): void {
        Route::get('account', [AccountController::class, 'show']);
        Route::put('account', [AccountController::class, 'update']);
        Route::put('account/password', [AccountController::class, 'password'])->middleware('throttle:20,1');
        Route::delete('account/sessions/{session?}', [AccountController::class, 'signOutElsewhere']);
        Route::post('account/invitations', [AccountController::class, 'invite'])->middleware('once');
        Route::delete('account/invitations', [AccountController::class, 'withdrawInvitations']);
        Route::get('account/file', [AccountController::class, 'export']);
        Route::delete('account', [AccountController::class, 'destroy'])->middleware('throttle:20,1');
        Route::get('teaching', [TeachingController::class, 'show']);
        Route::put('teaching', [TeachingController::class, 'update']);
        Route::get('pace', [PaceController::class, 'show']);
        Route::put('pace', [PaceController::class, 'update']);
        Route::get('backups', [BackupController::class, 'show']);
        Route::put('backups/passphrase', [BackupController::class, 'passphrase']);
        Route::get('backups/file', [BackupController::class, 'download']);

        Route::get('find', FindController::class);
        Route::get('library', [LibraryController::class, 'show']);
        Route::get('figures', [LibraryController::class, 'drawn']);
        Route::get('movements', [LibraryController::class, 'index']);
        Route::get('movements/{id}', [LibraryController::class, 'movement']);
        Route::get('movements/{id}/motion', [LibraryController::class, 'motion']);

        Route::post('own/pose', PoseController::class);
        Route::post('own/import', [OwnMovementController::class, 'import'])->middleware('once');
        Route::get('own-movements.json', [OwnMovementController::class, 'export']);
        Route::get('own', [OwnMovementController::class, 'index']);
        Route::post('own', [OwnMovementController::class, 'store'])->middleware('once');
        Route::get('own/{own}', [OwnMovementController::class, 'show']);
        Route::put('own/{own}', [OwnMovementController::class, 'update']);
        Route::delete('own/{own}', [OwnMovementController::class, 'destroy']);
        Route::post('own/{own}/keep', [OwnMovementController::class, 'keep']);
        Route::post('own/{own}/discard', [OwnMovementController::class, 'discard']);

        Route::apiResource('groups', GroupController::class)->middlewareFor('store', 'once');
        Route::get('people', [ParticipantController::class, 'index']);
        Route::post('groups/{group}/people', [ParticipantController::class, 'store'])->middleware('once');
        Route::put('groups/{group}/people/{person}', [ParticipantController::class, 'join']);
        Route::delete('groups/{group}/people/{person}', [ParticipantController::class, 'leave']);
        Route::post('groups/{group}/file', [PeopleFileController::class, 'look']);
        Route::post('groups/{group}/import', [PeopleFileController::class, 'store'])->middleware('once');
        Route::get('groups/{group}/people.csv', [PeopleFileController::class, 'table']);
        Route::get('people/{person}/file', [PersonDataController::class, 'export']);
        Route::get('people/{person}/traces', [PersonDataController::class, 'traces']);
        Route::get('precautions', [PrecautionController::class, 'index']);
        Route::post('precautions', [PrecautionController::class, 'store'])->middleware('once');
        Route::delete('precautions/{code}', [PrecautionController::class, 'destroy']);
        Route::apiResource('places', PlaceController::class)->except('show')->middlewareFor('store', 'once');
        Route::post('places/{place}/floor', FloorController::class);
        Route::post('fit', ChairFitController::class);
        Route::put('people/{person}', [ParticipantController::class, 'update']);
        Route::delete('people/{person}', [PersonDataController::class, 'destroy']);

        Route::post('compose', ComposeController::class);
        Route::get('beginnings', BeginningController::class);
        Route::get('blocks', [BlockController::class, 'index']);
        Route::post('blocks', [BlockController::class, 'store'])->middleware('once');
        Route::delete('blocks/{block}', [BlockController::class, 'destroy'])->whereNumber('block');
        Route::post('classes/import', [FileController::class, 'import'])->middleware('once');
        Route::apiResource('classes', ClassController::class)->parameters(['classes' => 'class'])->except('show')->middlewareFor('store', 'once');
        Route::prefix('classes/{class}')->group(static function (): void {
            Route::post('next', [ClassController::class, 'next'])->middleware('once');
            Route::get('plan', [PlanController::class, 'show']);
            Route::put('plan', [PlanController::class, 'save']);
            Route::put('current', [PlanController::class, 'choose']);
            Route::get('versions', [PlanController::class, 'versions']);
            Route::get('versions/{number}', [PlanController::class, 'version'])->whereNumber('number');
            Route::post('undo', [PlanController::class, 'undo']);
            Route::post('redo', [PlanController::class, 'redo']);
            Route::post('look', LookController::class);
            Route::get('spine', [BeginningController::class, 'spine']);
            Route::post('remedies', [PlanController::class, 'remedy']);
            Route::get('file', [FileController::class, 'export']);
            Route::get('rehearsal', RehearsalController::class);
            Route::post('led', [LedClassController::class, 'start'])->middleware('once');
            Route::get('readiness', [ReadinessController::class, 'show']);
            Route::put('readiness/{person}', [ReadinessController::class, 'update']);
            Route::delete('readiness/{person}', [ReadinessController::class, 'destroy']);
            Route::get('matrix', [MatrixController::class, 'show']);
            Route::post('choices', [MatrixController::class, 'choose']);
            Route::delete('choices/{participant}/{entry}', [MatrixController::class, 'end']);
        });

        Route::get('led', [LedClassController::class, 'index']);
        Route::get('led/{led}', [LedClassController::class, 'show']);
        Route::get('led/{led}/beats', [LedClassController::class, 'beats']);
        Route::get('led/{led}/motions', [LedClassController::class, 'motions']);
        Route::put('led/{led}', [LedClassController::class, 'keep']);
        Route::post('led/{led}/end', [LedClassController::class, 'end']);
        Route::delete('led/{led}', [LedClassController::class, 'destroy']);
    });

    Route::get('/classes/{class}/sheet', Print\CueSheetController::class);
    Route::get('/classes/{class}/who/print', Print\WhoDoesWhatController::class);
    Route::get('/classes/{class}/who/{participant}', Print\ParticipantController::class);
    Route::get('/places/{place}/floor', Print\FloorPlanController::class);
    Route::get('/movements/figures', Print\FigureSheetController::class);
    Route::view('/{any?}', 'app')->where('any', '(?!api/).*')->middleware(KeepsDailyBackup::class);
});
