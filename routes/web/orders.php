<?php

declare(strict_types=1);

use App\Foundation\Http\LongRead;
use App\Foundation\Http\PeekSession;
use App\Orders\Http\ApprovalController;
use App\Orders\Http\BlanksController;
use App\Orders\Http\BookController;
use App\Orders\Http\ChangeController;
use App\Orders\Http\ColourController;
use App\Orders\Http\CountController;
use App\Orders\Http\CustomerController;
use App\Orders\Http\CustomerPageController;
use App\Orders\Http\LetterController;
use App\Orders\Http\NamesController;
use App\Orders\Http\OrderController;
use App\Orders\Http\OrderListController;
use App\People\Ability;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;
use Illuminate\View\Middleware\ShareErrorsFromSession;

Route::post('/orders/list', [OrderListController::class, 'store'])->name('orders.list')->can(Ability::Plan);
Route::get('/orders/imports/{import}', [OrderListController::class, 'show'])
    ->name('orders.import')->can(Ability::Look)
    ->whereNumber('import');
Route::post('/orders/imports/{import}/stop', [OrderListController::class, 'stop'])
    ->name('orders.import.stop')->can(Ability::Plan)
    ->whereNumber('import');
Route::controller(ChangeController::class)
    ->prefix('orders')
    ->name('orders.')
    ->group(static function (): void {
        Route::get('/{order}/story', 'story')->name('story')->can(Ability::Look);
        Route::put('/{order}/language', 'language')->name('language')->can(Ability::Plan);
        Route::put('/{order}/shelf', 'shelve')->name('shelve')->can(Ability::Operate);
        Route::get('/{order}/change', 'edit')->name('edit')->can(Ability::Look);
        Route::get('/{order}/lines/new', 'more')->name('more')->can(Ability::Look);
        Route::post('/{order}/lines', 'add')->name('add')->can(Ability::Plan);
        Route::put('/{order}', 'update')->name('change')->can(Ability::Plan);
        Route::post('/{order}/cancel', 'cancel')->name('cancel')->can(Ability::Plan);
        Route::post('/{order}/reopen', 'reopen')->name('reopen')->can(Ability::Plan);
        Route::post('/{order}/hand-overs', 'hand')->name('hand')->can(Ability::Operate);
        Route::get('/{order}/slips/{number}', 'slip')->name('slip')->can(Ability::Look)->whereNumber('number');
    });
Route::controller(ApprovalController::class)
    ->prefix('orders')
    ->name('orders.')
    ->group(static function (): void {
        Route::get('/{order}/approvals', 'index')->name('approvals')->can(Ability::Look);
        Route::get('/{order}/approvals/new', 'preview')->name('approvals.new')->can(Ability::Plan);
        Route::post('/{order}/approvals', 'store')->name('approvals.ask')->can(Ability::Plan);
        Route::delete('/approvals/{approval}', 'withdraw')->name('approvals.withdraw')->can(Ability::Plan)
            ->whereNumber('approval');
    });
Route::controller(LetterController::class)
    ->prefix('orders')
    ->name('orders.letters.')
    ->group(static function (): void {
        Route::post('/letters/{letter}/again', 'again')->name('again')->can(Ability::Plan)->whereNumber('letter');
        Route::get('/{order}/letters/{kind}', 'open')->name('open')->can(Ability::Plan);
        Route::post('/{order}/letters/{kind}', 'send')->name('send')->can(Ability::Plan);
    });
// For whoever has the link: so many tries a minute that nobody guesses one.
Route::controller(CustomerPageController::class)
    ->prefix('approve')
    ->name('approval.')
    ->middleware('throttle:60,1')
    ->group(static function (): void {
        Route::get('/{token}', 'show')->name('show')->can(Ability::Open);
        Route::post('/{token}', 'answer')->name('answer')->can(Ability::Open);
    });
Route::controller(BlanksController::class)
    ->prefix('orders')
    ->name('orders.')
    ->group(static function (): void {
        Route::post('/lines/{line}/arrivals', 'arrive')->name('arrive')->can(Ability::Operate)->whereNumber('line');
        Route::post('/lines/{line}/expected', 'expect')->name('expect')->can(Ability::Operate)->whereNumber('line');
        Route::delete('/expected/{expected}', 'forget')->name('expect.forget')->can(Ability::Operate)->whereNumber('expected');
    });
Route::controller(NamesController::class)
    ->prefix('orders/names')
    ->name('orders.')
    ->group(static function (): void {
        Route::get('/{decoration}', 'show')->name('names')->can(Ability::Look)->whereNumber('decoration');
        Route::put('/{decoration}', 'keep')->name('names.keep')->can(Ability::Plan)->whereNumber('decoration');
        Route::post('/{decoration}/approve', 'approve')->name('names.approve')->can(Ability::Plan)->whereNumber('decoration');
    });
Route::controller(ColourController::class)
    ->prefix('orders/colours')
    ->name('orders.')
    ->group(static function (): void {
        Route::get('/{decoration}', 'show')->name('colours')->can(Ability::Look)->whereNumber('decoration');
        Route::put('/{decoration}', 'keep')->name('colours.keep')->can(Ability::Plan)->whereNumber('decoration');
    });
Route::controller(CustomerController::class)
    ->prefix('customers')
    ->name('customers.')
    ->group(static function (): void {
        Route::get('/', 'index')->name('index')->can(Ability::Look);
        Route::post('/', 'store')->name('store')->can(Ability::Plan);
        Route::get('/new', 'create')->name('create')->can(Ability::Plan);
        Route::get('/customers.csv', 'csv')->name('csv')->can(Ability::Plan)->middleware(LongRead::class);
        Route::get('/customers.vcf', 'cards')->name('cards')->can(Ability::Plan)->middleware(LongRead::class);
        Route::post('/list', 'read')->name('read')->can(Ability::Plan);
        Route::get('/{customer}', 'show')->name('show')->can(Ability::Look)->whereNumber('customer');
        Route::put('/{customer}', 'update')->name('update')->can(Ability::Plan)->whereNumber('customer');
        Route::get('/{customer}/change', 'edit')->name('edit')->can(Ability::Plan)->whereNumber('customer');
        Route::get('/{customer}/merge', 'merging')->name('merging')->can(Ability::Plan)->whereNumber('customer');
        Route::post('/{customer}/merge', 'merge')->name('merge')->can(Ability::Plan)->whereNumber('customer');
        Route::get('/{customer}/card.vcf', 'card')->name('card')->can(Ability::Plan)->whereNumber('customer');
    });
Route::post('/plan/ask/order', BookController::class)->name('orders.book')->can(Ability::Plan);
Route::controller(OrderController::class)
    ->prefix('orders')
    ->name('orders.')
    ->group(static function (): void {
        Route::get('/', 'index')->name('index')->can(Ability::Look);
        Route::get('/new', 'create')->name('create')->can(Ability::Look);
        Route::get('/new/line', 'line')->name('line')->can(Ability::Look);
        Route::post('/new', 'another')->name('another')->can(Ability::Look);
        Route::post('/', 'store')->name('store')->can(Ability::Plan);
        Route::get('/decorations/{decoration}/artworks', 'artworks')->name('artworks')->can(Ability::Look)->whereNumber('decoration');
        Route::put('/decorations/{decoration}', 'artwork')->name('artwork')->can(Ability::Plan)->whereNumber('decoration');
        Route::get('/{order}', 'show')->name('show')->can(Ability::Look);
        Route::get('/{order}/again', 'again')->name('again')->can(Ability::Plan);
    });
Route::controller(CountController::class)
    ->prefix('orders/{order}/count')
    ->name('orders.count')
    ->group(static function (): void {
        Route::get('/', 'show')->can(Ability::Look);
        Route::post('/', 'add')->name('.add')->can(Ability::Operate);
        Route::delete('/', 'anew')->name('.anew')->can(Ability::Operate);
    });

/*
 * What pages fetch for themselves, pictures above all. None of it has a part in the session: saved by one of these that
 * was long on its way, it would lose what was told to the person meanwhile.
 */
Route::withoutMiddleware([StartSession::class, ShareErrorsFromSession::class, ValidateCsrfToken::class])
    ->middleware(PeekSession::class)
    ->group(static function (): void {
        Route::post('/orders/new/check', [OrderController::class, 'check'])->name('orders.check')->can(Ability::Look);
        Route::post('/orders/new/promise', [OrderController::class, 'promise'])->name('orders.promise')->can(Ability::Look);
        Route::controller(NamesController::class)
            ->prefix('orders/names')
            ->name('orders.')
            ->group(static function (): void {
                Route::post('/{decoration}/check', 'check')->name('names.check')->can(Ability::Look)->whereNumber('decoration');
                Route::get('/{decoration}/{text}.svg', 'drawing')
                    ->name('names.drawing')->can(Ability::Look)
                    ->whereNumber(['decoration', 'text']);
                Route::get('/{decoration}/{text}/track', 'track')
                    ->name('names.track')->can(Ability::Look)
                    ->whereNumber(['decoration', 'text']);
                Route::get('/{decoration}/{text}.dst', 'tape')
                    ->name('names.tape')->can(Ability::Look)
                    ->whereNumber(['decoration', 'text']);
            });
        Route::get('/orders/colours/{decoration}.svg', [ColourController::class, 'drawing'])
            ->name('orders.colours.drawing')->can(Ability::Look)
            ->whereNumber('decoration');
        Route::get('/orders/new/colour', [OrderController::class, 'colour'])->name('orders.colour')->can(Ability::Look);
        Route::get('/orders/{order}/foresight', [ChangeController::class, 'foresee'])->name('orders.foresee')->can(Ability::Look);
    });
