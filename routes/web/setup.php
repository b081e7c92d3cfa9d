<?php

declare(strict_types=1);

use App\Foundation\Http\PeekSession;
use App\People\Ability;
use App\Setup\Http\BackingController;
use App\Setup\Http\ClampController;
use App\Setup\Http\HoopingController;
use App\Setup\Http\PictureController;
use App\Setup\Http\PlacementController;
use App\Setup\Http\PracticeController;
use App\Setup\Http\SetupController;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;
use Illuminate\View\Middleware\ShareErrorsFromSession;

Route::controller(SetupController::class)
    ->prefix('setup')
    ->name('setup.')
    ->group(static function (): void {
        Route::get('/', 'index')->name('index')->can(Ability::Look);
        Route::get('/{decoration}', 'show')->name('show')->can(Ability::Look)->whereNumber('decoration');
        Route::post('/{decoration}', 'store')->name('store')->can(Ability::Plan)->whereNumber('decoration');
        Route::get('/{decoration}/paper', 'paper')->name('print')->can(Ability::Look)->whereNumber('decoration');
        Route::post('/{decoration}/printed', 'printed')->name('printed')->can(Ability::Operate)->whereNumber('decoration');
    });
Route::controller(PlacementController::class)
    ->prefix('setup/{decoration}')
    ->name('setup.')
    ->whereNumber('decoration')
    ->group(static function (): void {
        Route::put('/placement', 'keep')->name('keep')->can(Ability::Operate);
    });
Route::controller(BackingController::class)
    ->prefix('setup/backing')
    ->name('setup.')
    ->group(static function (): void {
        Route::get('/', 'show')->name('backing')->can(Ability::Look);
        Route::post('/', 'store')->name('backing.add')->can(Ability::Operate);
        Route::post('/{batch}', 'cut')->name('cut')->can(Ability::Operate);
        Route::put('/{stock}', 'update')->name('stock')->can(Ability::Operate)->whereNumber('stock');
    });
Route::controller(PictureController::class)
    ->prefix('setup')
    ->name('setup.')
    ->group(static function (): void {
        Route::get('/{decoration}/picture', 'show')->name('picture')->can(Ability::Look)->whereNumber('decoration');
        Route::post('/{decoration}/picture', 'measure')->name('picture.measure')->can(Ability::Look)->whereNumber('decoration');
        Route::get('/stickers.pdf', 'stickers')->name('stickers')->can(Ability::Look);
    });
Route::controller(ClampController::class)
    ->prefix('setup/clamps')
    ->name('setup.')
    ->group(static function (): void {
        Route::get('/', 'show')->name('clamps')->can(Ability::Look);
        Route::post('/', 'store')->name('clamps.keep')->can(Ability::Operate);
        Route::get('/proving-design.dst', 'proving')->name('clamps.proving')->can(Ability::Look);
    });
Route::controller(PracticeController::class)
    ->prefix('setup/practice')
    ->name('setup.')
    ->group(static function (): void {
        Route::get('/', 'show')->name('practice')->can(Ability::Look);
        Route::post('/', 'store')->name('practice.log')->can(Ability::Operate);
    });

/*
 * What pages fetch for themselves, pictures above all. None of it has a part in the session: saved by one of these that
 * was long on its way, it would lose what was told to the person meanwhile.
 */
Route::withoutMiddleware([StartSession::class, ShareErrorsFromSession::class, ValidateCsrfToken::class])
    ->middleware(PeekSession::class)
    ->group(static function (): void {
        Route::get('/setup/{decoration}/hoopings/{number}/track', [HoopingController::class, 'track'])
            ->name('setup.hooping.track')->can(Ability::Look)
            ->whereNumber(['decoration', 'number']);
        Route::get('/setup/{decoration}/hoopings/{number}.dst', [HoopingController::class, 'tape'])
            ->name('setup.hooping.tape')->can(Ability::Look)
            ->whereNumber(['decoration', 'number']);
        Route::get('/setup/{decoration}/measure', [PlacementController::class, 'measure'])
            ->name('setup.measure')->can(Ability::Look)
            ->whereNumber('decoration');
    });
