<?php

declare(strict_types=1);

use App\People\Ability;
use App\Shop\Http\BeginController;
use App\Shop\Http\CalendarController;
use App\Shop\Http\CatalogueController;
use App\Shop\Http\ChangesController;
use App\Shop\Http\HomeController;
use App\Shop\Http\LetterheadController;
use App\Shop\Http\ShopController;
use App\Shop\Http\UpController;
use Illuminate\Support\Facades\Route;

Route::get('/', HomeController::class)->name('home')->can(Ability::Look);
Route::get('/up', UpController::class)->name('up')->can(Ability::Open);
Route::controller(BeginController::class)
    ->prefix('begin')
    ->name('begin.')
    ->group(static function (): void {
        Route::get('/', 'show')->name('show')->can(Ability::Own);
        Route::put('/shop', 'shop')->name('shop')->can(Ability::Own);
        Route::post('/frames', 'frames')->name('frames')->can(Ability::Own);
        Route::post('/threads', 'threads')->name('threads')->can(Ability::Own);
        Route::put('/week', 'week')->name('week')->can(Ability::Own);
        Route::get('/demo', 'loading')->name('loading')->can(Ability::Own);
        Route::post('/demo', 'demo')->name('demo')->can(Ability::Own);
        Route::post('/clear', 'clear')->name('clear')->can(Ability::Own);
        Route::post('/done', 'done')->name('done')->can(Ability::Own);
        Route::post('/pass/{step}', 'pass')->name('pass')->can(Ability::Own)->whereAlpha('step');
    });
Route::controller(CalendarController::class)
    ->prefix('plan')
    ->name('plan.')
    ->group(static function (): void {
        Route::get('/calendar', 'show')->name('calendar')->can(Ability::Look);
        Route::put('/calendar/week', 'week')->name('week')->can(Ability::Plan);
        Route::post('/calendar/off', 'dayOff')->name('off')->can(Ability::Plan);
        Route::post('/calendar/extra', 'extra')->name('extra')->can(Ability::Plan);
        Route::post('/calendar/down', 'downtime')->name('down')->can(Ability::Plan);
        Route::post('/calendar/person', 'presence')->name('person')->can(Ability::Plan);
        Route::delete('/calendar/{kind}/{which}', 'remove')->name('calendar.remove')->can(Ability::Plan);
    });
Route::get('/shop', [ShopController::class, 'show'])->name('shop.show')->can(Ability::Look);
Route::get('/shop/changes', [ChangesController::class, 'show'])->name('shop.changes')->can(Ability::Look);
Route::post('/shop/changes/{change}/undo', [ChangesController::class, 'undo'])
    ->name('shop.undo')->can(Ability::Own)
    ->whereNumber('change');
Route::controller(CatalogueController::class)
    ->prefix('shop/catalogue')
    ->name('catalogue.')
    ->group(static function (): void {
        Route::get('/{list?}', 'show')->name('show')->can(Ability::Look)->whereAlpha('list');
        Route::get('/{list}.csv', 'csv')->name('csv')->can(Ability::Look)->whereAlpha('list');
        Route::post('/{list}', 'read')->name('read')->can(Ability::Plan)->whereAlpha('list');
        Route::get('/{list}/one', 'edit')->name('edit')->can(Ability::Look)->whereAlpha('list');
        Route::put('/{list}/one', 'update')->name('update')->can(Ability::Plan)->whereAlpha('list');
        Route::post('/{list}/retire', 'retire')->name('retire')->can(Ability::Plan)->whereAlpha('list');
    });
Route::controller(LetterheadController::class)
    ->prefix('shop/letterhead')
    ->name('letterhead.')
    ->group(static function (): void {
        Route::get('/', 'show')->name('show')->can(Ability::Look);
        Route::put('/', 'keep')->name('keep')->can(Ability::Own);
    });
Route::put('/shop/rules', [ShopController::class, 'update'])->name('shop.rules')->can(Ability::Own);
