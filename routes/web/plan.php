<?php

declare(strict_types=1);

use App\Foundation\Http\LongRead;
use App\Foundation\Http\PeekSession;
use App\People\Ability;
use App\Plan\Http\AskController;
use App\Plan\Http\BatchController;
use App\Plan\Http\ExportController;
use App\Plan\Http\LatenessController;
use App\Plan\Http\PlanController;
use App\Plan\Http\ProposalController;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;
use Illuminate\View\Middleware\ShareErrorsFromSession;

Route::controller(PlanController::class)
    ->prefix('plan')
    ->name('plan.')
    ->group(static function (): void {
        Route::get('/', 'show')->name('show')->can(Ability::Look);
        Route::get('/days', 'days')->name('days')->can(Ability::Look);
        Route::post('/moves', 'move')->name('moves')->can(Ability::Plan);
        Route::post('/due', 'byDue')->name('due')->can(Ability::Plan);
        Route::post('/undo', 'undo')->name('undo')->can(Ability::Plan);
    });
Route::controller(BatchController::class)
    ->prefix('plan/batches')
    ->name('plan.')
    ->group(static function (): void {
        Route::get('/{code}', 'why')->name('why')->can(Ability::Look)->middleware(LongRead::class);
        Route::put('/{code}/fixed', 'fix')->name('fix')->can(Ability::Plan);
        Route::post('/{code}/split', 'split')->name('split')->can(Ability::Plan);
        Route::post('/{code}/merge', 'merge')->name('merge')->can(Ability::Plan);
    });
Route::get('/plan/ask', [AskController::class, 'show'])->name('plan.ask')->can(Ability::Look);
Route::controller(ProposalController::class)
    ->prefix('plan/proposals')
    ->name('plan.')
    ->group(static function (): void {
        Route::post('/', 'store')->name('propose')->can(Ability::Plan);
        Route::get('/{proposal}', 'show')->name('proposal')->can(Ability::Look)->whereNumber('proposal');
        Route::post('/{proposal}/stop', 'stop')->name('stop')->can(Ability::Plan)->whereNumber('proposal');
        Route::post('/{proposal}/take', 'take')->name('take')->can(Ability::Plan)->whereNumber('proposal');
        Route::delete('/{proposal}', 'leave')->name('leave')->can(Ability::Plan)->whereNumber('proposal');
    });
Route::get('/plan/lateness', [LatenessController::class, 'show'])->name('plan.lateness')->can(Ability::Look);
Route::put('/plan/lateness', [LatenessController::class, 'keep'])->name('plan.lateness.keep')->can(Ability::Plan);

/*
 * What pages fetch for themselves, pictures above all. None of it has a part in the session: saved by one of these that
 * was long on its way, it would lose what was told to the person meanwhile.
 */
Route::withoutMiddleware([StartSession::class, ShareErrorsFromSession::class, ValidateCsrfToken::class])
    ->middleware(PeekSession::class)
    ->group(static function (): void {
        Route::get('/plan/consequence', [PlanController::class, 'consequence'])->name('plan.consequence')->can(Ability::Look);
        Route::get('/plan/batches/{code}/splitting', [BatchController::class, 'splitting'])->name('plan.splitting')->can(Ability::Look);
        Route::get('/plan/machines/{machine}.ics', [ExportController::class, 'machine'])->name('plan.ics')->can(Ability::Key);
        Route::get('/plan/promises/{customer}.ics', [ExportController::class, 'promises'])
            ->name('plan.promises')->can(Ability::Key)
            ->whereNumber('customer');
        Route::get('/plan.csv', [ExportController::class, 'csv'])->name('plan.csv')->can(Ability::Look)->middleware(LongRead::class);
    });
