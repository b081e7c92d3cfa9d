<?php

declare(strict_types=1);

use App\Artwork\Http\ArtworkController;
use App\Artwork\Http\BlockThreadController;
use App\Artwork\Http\ClothController;
use App\Artwork\Http\DrawingController;
use App\Artwork\Http\HistoryController;
use App\Artwork\Http\LettersController;
use App\Artwork\Http\MakingController;
use App\Artwork\Http\StopSheetController;
use App\Foundation\Http\PeekSession;
use App\People\Ability;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;
use Illuminate\View\Middleware\ShareErrorsFromSession;

Route::controller(ArtworkController::class)
    ->prefix('artwork')
    ->name('artwork.')
    ->group(static function (): void {
        Route::get('/', 'index')->name('index')->can(Ability::Look);
        Route::post('/', 'store')->name('store')->can(Ability::Plan);
        Route::get('/{artwork}', 'show')->name('show')->can(Ability::Look)->whereNumber('artwork');
        Route::get('/{artwork}/state', 'read')->name('state')->can(Ability::Look)->whereNumber('artwork');
        Route::put('/{artwork}', 'update')->name('update')->can(Ability::Plan)->whereNumber('artwork');
    });
Route::get('/artwork/{artwork}/stops', [StopSheetController::class, 'show'])->name('artwork.stops')->can(Ability::Look);
Route::controller(ClothController::class)
    ->prefix('artwork/{artwork}/cloth')
    ->name('artwork.')
    ->group(static function (): void {
        Route::get('/', 'show')->name('cloth')->can(Ability::Look);
        Route::put('/', 'update')->name('cloth.keep')->can(Ability::Plan);
        Route::put('/hardware', 'hardware')->name('hardware.keep')->can(Ability::Plan);
        Route::post('/together', 'together')->name('cloth.together')->can(Ability::Plan);
        Route::get('/pattern', 'pattern')->name('cloth.pattern')->can(Ability::Look);
    });
Route::put('/artwork/{artwork}/stops', [StopSheetController::class, 'update'])->name('artwork.stops.keep')->can(Ability::Plan);
Route::put('/artwork/{artwork}/letters', [LettersController::class, 'update'])->name('artwork.letters')->can(Ability::Plan);
Route::controller(MakingController::class)
    ->prefix('artwork/{artwork}')
    ->name('artwork.')
    ->group(static function (): void {
        Route::get('/make', 'show')->name('make')->can(Ability::Look);
        Route::post('/make', 'store')->name('make.keep')->can(Ability::Plan);
        Route::get('/make/tape.dst', 'tape')->name('make.tape')->can(Ability::Look);
    });
Route::controller(HistoryController::class)
    ->prefix('artwork')
    ->name('artwork.')
    ->group(static function (): void {
        Route::get('/{artwork}/history', 'show')->name('history')->can(Ability::Look);
        Route::post('/{artwork}/file', 'replace')->name('replace')->can(Ability::Plan);
        Route::post('/{artwork}/sew-outs', 'sewOut')->name('sewout')->can(Ability::Operate);
    });
Route::put('/artwork/{artwork}/blocks/{number}', [BlockThreadController::class, 'update'])
    ->name('artwork.thread')->can(Ability::Plan)
    ->whereNumber('number');
Route::get('/artwork/{artwork}/blocks/{number}/threads', [BlockThreadController::class, 'suggest'])
    ->name('artwork.suggest')->can(Ability::Look)
    ->whereNumber('number');

/*
 * What pages fetch for themselves, pictures above all. None of it has a part in the session: saved by one of these that
 * was long on its way, it would lose what was told to the person meanwhile.
 */
Route::withoutMiddleware([StartSession::class, ShareErrorsFromSession::class, ValidateCsrfToken::class])
    ->middleware(PeekSession::class)
    ->group(static function (): void {
        Route::controller(DrawingController::class)
            ->prefix('artwork/{artwork}')
            ->name('artwork.')
            ->group(static function (): void {
                Route::get('/drawing.svg', 'svg')->name('drawing')->can(Ability::Look);
                Route::get('/track', 'track')->name('track')->can(Ability::Look);
                Route::get('/timeline', 'timeline')->name('timeline')->can(Ability::Look);
                Route::get('/density', 'density')->name('density')->can(Ability::Look);
                Route::get('/tape.dst', 'tape')->name('tape')->can(Ability::Look);
                Route::get('/template.pdf', 'template')->name('template')->can(Ability::Look);
            });
        Route::get('/artwork/{artwork}/note.txt', [ArtworkController::class, 'note'])->name('artwork.note')->can(Ability::Look);
        Route::get('/artwork/{artwork}/make/sheets', [MakingController::class, 'sheets'])->name('artwork.sheets')->can(Ability::Look);
        Route::get('/artwork/{artwork}/make/preview', [MakingController::class, 'preview'])->name('artwork.preview')->can(Ability::Look);
        Route::get('/artwork/sew-outs/{sewOut}/photo', [HistoryController::class, 'photo'])->name('artwork.photo')->can(Ability::Look);
    });
