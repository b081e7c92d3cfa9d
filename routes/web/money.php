<?php

declare(strict_types=1);

use App\Foundation\Http\LongRead;
use App\Foundation\Http\PeekSession;
use App\Money\Http\AskQuoteController;
use App\Money\Http\BankController;
use App\Money\Http\InvoiceController;
use App\Money\Http\InvoiceLetterController;
use App\Money\Http\LedgerController;
use App\Money\Http\MoneyController;
use App\Money\Http\PaymentController;
use App\Money\Http\PriceController;
use App\Money\Http\QuoteController;
use App\People\Ability;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;
use Illuminate\View\Middleware\ShareErrorsFromSession;

Route::get('/orders/ask', [AskQuoteController::class, 'page'])->name('orders.ask')->can(Ability::Look);
Route::controller(QuoteController::class)
    ->prefix('orders/quotes')
    ->name('orders.')
    ->group(static function (): void {
        Route::get('/', 'index')->name('quotes')->can(Ability::Look);
        Route::post('/', 'store')->name('quotes.keep')->can(Ability::Plan);
        Route::put('/{quote}', 'answer')->name('quotes.answer')->can(Ability::Plan)->whereNumber('quote');
        Route::get('/{quote}.pdf', 'paper')->name('quotes.paper')->can(Ability::Look)->whereNumber('quote');
    });
Route::controller(MoneyController::class)
    ->prefix('orders/{order}')
    ->name('orders.')
    ->group(static function (): void {
        Route::get('/money', 'show')->name('money')->can(Ability::Plan);
        Route::put('/money', 'keep')->name('money.keep')->can(Ability::Plan);
        Route::get('/quote', 'quote')->name('quote')->can(Ability::Plan);
        Route::get('/confirmation', 'confirmation')->name('confirmation')->can(Ability::Plan);
    });
Route::controller(InvoiceController::class)->group(static function (): void {
    Route::post('/orders/{order}/invoices', 'write')->name('orders.invoice')->can(Ability::Plan);
    Route::get('/books/invoices.csv', 'csv')->name('invoices.csv')->can(Ability::Plan)->middleware(LongRead::class);
    Route::get('/books/invoices/{invoice:number}', 'paper')->name('invoices.paper')->can(Ability::Plan);
    Route::get('/books/invoices/{invoice:number}/reminder', 'reminder')->name('invoices.reminder')->can(Ability::Plan);
    Route::get('/books/invoices/{invoice:number}/xml', 'electronic')->name('invoices.xml')->can(Ability::Plan);
    Route::post('/books/invoices/{invoice:number}/payments', [PaymentController::class, 'note'])->name('invoices.pay')->can(Ability::Plan);
    Route::get('/books/invoices/{invoice:number}/letters/{as}', [InvoiceLetterController::class, 'open'])
        ->name('invoices.letter')->can(Ability::Plan);
    Route::post('/books/invoices/{invoice:number}/letters/{as}', [InvoiceLetterController::class, 'send'])
        ->name('invoices.letter.send')->can(Ability::Plan);
    Route::post('/books/invoices/{invoice:number}/credit', 'credit')->name('invoices.credit')->can(Ability::Plan);
});
Route::controller(BankController::class)
    ->prefix('books/bank')
    ->name('bank.')
    ->group(static function (): void {
        Route::get('/', 'index')->name('show')->can(Ability::Plan);
        Route::post('/', 'read')->name('read')->can(Ability::Plan);
        Route::put('/{receipt}', 'assign')->name('assign')->can(Ability::Plan)->whereNumber('receipt');
        Route::delete('/{receipt}', 'aside')->name('aside')->can(Ability::Plan)->whereNumber('receipt');
    });
Route::controller(LedgerController::class)
    ->prefix('books/ledger')
    ->name('ledger.')
    ->group(static function (): void {
        Route::get('/', 'index')->name('show')->can(Ability::Plan);
        Route::post('/', 'write')->name('write')->can(Ability::Plan);
        Route::put('/accounts', 'keep')->name('keep')->can(Ability::Own);
        Route::get('/{export:number}/journal.csv', 'journal')->name('journal')->can(Ability::Plan)->whereNumber('export');
        Route::get('/{export:number}/accounts.csv', 'accounts')->name('accounts')->can(Ability::Plan)->whereNumber('export');
        Route::get('/{export:number}/tax-keys.csv', 'taxKeys')->name('tax-keys')->can(Ability::Plan)->whereNumber('export');
    });
Route::controller(PriceController::class)
    ->prefix('shop/prices')
    ->name('prices.')
    ->group(static function (): void {
        Route::get('/', 'show')->name('show')->can(Ability::Plan);
        Route::put('/', 'keep')->name('keep')->can(Ability::Own);
        Route::get('/prices.csv', 'csv')->name('csv')->can(Ability::Plan);
        Route::get('/rates.csv', 'rates')->name('rates')->can(Ability::Plan);
        Route::post('/file', 'take')->name('take')->can(Ability::Own);
        Route::post('/machine', 'machineHour')->name('machine')->can(Ability::Own);
        Route::post('/bought', 'bought')->name('bought')->can(Ability::Own);
    });

/*
 * What pages fetch for themselves, pictures above all. None of it has a part in the session: saved by one of these that
 * was long on its way, it would lose what was told to the person meanwhile.
 */
Route::withoutMiddleware([StartSession::class, ShareErrorsFromSession::class, ValidateCsrfToken::class])
    ->middleware(PeekSession::class)
    ->group(static function (): void {
        Route::get('/orders/ask/answer', [AskQuoteController::class, 'answered'])->name('orders.asked')->can(Ability::Look);
    });
