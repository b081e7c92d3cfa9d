<?php

declare(strict_types=1);

use App\Floor\Http\BenchController;
use App\Floor\Http\BundleController;
use App\Floor\Http\CorrectionController;
use App\Floor\Http\FinderController;
use App\Floor\Http\FinishController;
use App\Floor\Http\FloorController;
use App\Floor\Http\FloorEventController;
use App\Floor\Http\FolderController;
use App\Floor\Http\ShiftController;
use App\Floor\Http\TagController;
use App\Foundation\Http\PeekSession;
use App\People\Ability;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;
use Illuminate\View\Middleware\ShareErrorsFromSession;

Route::controller(FinishController::class)
    ->prefix('floor')
    ->name('floor.')
    ->group(static function (): void {
        Route::get('/board', 'board')->name('board')->can(Ability::Look);
        Route::get('/finish', 'show')->name('finish')->can(Ability::Operate);
        Route::post('/finish', 'finish')->name('finished')->can(Ability::Operate);
        Route::post('/check/{piece}', 'check')->name('check')->can(Ability::Operate)->whereNumber('piece');
    });
Route::get('/floor/bench', [BenchController::class, 'show'])->name('floor.bench')->can(Ability::Look);
Route::post('/floor/bench/places/{kept}', [BenchController::class, 'right'])
    ->name('floor.bench.right')->can(Ability::Operate)
    ->whereNumber('kept');
Route::get('/floor/shift', ShiftController::class)->name('floor.shift')->can(Ability::Look);
Route::get('/floor/finder', FinderController::class)->name('floor.finder')->can(Ability::Look);
Route::get('/orders/{order}/tags', [TagController::class, 'labels'])->name('orders.tags')->can(Ability::Look);
Route::get('/orders/{order}/labels.pdf', [TagController::class, 'pdf'])->name('orders.labels')->can(Ability::Look);
Route::get('/floor/tags', [TagController::class, 'find'])->name('floor.tags')->can(Ability::Look);
Route::post('/orders/{order}/bundles', [BundleController::class, 'tie'])->name('orders.bundles')->can(Ability::Operate);
Route::controller(BundleController::class)
    ->prefix('floor/bundles/{bundle}')
    ->name('floor.bundles.')
    ->whereNumber('bundle')
    ->group(static function (): void {
        Route::post('/split', 'split')->name('split')->can(Ability::Operate);
        Route::post('/join', 'join')->name('join')->can(Ability::Operate);
        Route::post('/count', 'count')->name('count')->can(Ability::Operate);
    });
Route::get('/floor/tags/{code}', [TagController::class, 'show'])->name('floor.tag')->can(Ability::Look);
Route::controller(FolderController::class)
    ->prefix('floor/{machine}')
    ->group(static function (): void {
        Route::get('/files', 'show')->name('floor.folder')->can(Ability::Look);
        Route::post('/stick', 'stick')->name('floor.stick')->can(Ability::Operate);
        Route::post('/files/{name}', 'one')->name('floor.folder.one')->can(Ability::Operate);
    });
Route::get('/floor/{machine?}', [FloorController::class, 'show'])->name('floor.show')->can(Ability::Look);
Route::put('/floor/who', [FloorController::class, 'who'])->name('floor.who')->can(Ability::Operate);
Route::post('/floor/{machine}/events', [FloorEventController::class, 'store'])->name('floor.events')->can(Ability::Operate);
Route::get('/floor/{machine}/corrections', [CorrectionController::class, 'show'])->name('floor.corrections')->can(Ability::Look);
Route::post('/floor/{machine}/corrections', [CorrectionController::class, 'store'])->name('floor.correct')->can(Ability::Operate);
Route::post('/floor/{machine}/voids', [CorrectionController::class, 'void'])->name('floor.void')->can(Ability::Plan);

/*
 * What pages fetch for themselves, pictures above all. None of it has a part in the session: saved by one of these that
 * was long on its way, it would lose what was told to the person meanwhile.
 */
Route::withoutMiddleware([StartSession::class, ShareErrorsFromSession::class, ValidateCsrfToken::class])
    ->middleware(PeekSession::class)
    ->group(static function (): void {
        Route::get('/floor/looks/{finishing}', [FinishController::class, 'picture'])
            ->name('floor.look')->can(Ability::Look)
            ->whereNumber('finishing');
        Route::get('/floor/{machine}/pulse', [FloorController::class, 'pulse'])->name('floor.pulse')->can(Ability::Look);
    });
