<?php

declare(strict_types=1);

use App\Api\Http\ArtworksController;
use App\Api\Http\DocumentController;
use App\Api\Http\Idempotent;
use App\Api\Http\LooksController;
use App\Api\Http\OrdersController;
use App\Api\Http\RequireScope;
use App\Api\Scope;
use App\People\Ability;
use App\People\Http\ExclusiveWrite;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Support\Facades\Route;

/* What programs of others ask and say, each with its own token. docs/api.md describes it. */

Route::get('/openapi.json', DocumentController::class)->name('document')->can(Ability::Open);
Route::middleware([
    'auth:sanctum',
    'throttle:api',
    'can:'.Ability::Open->value,
    ExclusiveWrite::class,
    Idempotent::class,
    SubstituteBindings::class,
])->group(static function (): void {
    Route::controller(OrdersController::class)->name('orders.')->group(static function (): void {
        Route::get('/orders', 'index')->name('list')->middleware(RequireScope::to(Scope::ReadOrders));
        Route::post('/orders', 'store')->name('store')->middleware(RequireScope::to(Scope::WriteOrders));
        Route::get('/orders/{order}', 'show')->name('show')->middleware(RequireScope::to(Scope::ReadOrders));
        Route::get('/orders/{order}/approval', 'approval')->name('approval')->middleware(RequireScope::to(Scope::ReadOrders));
        Route::post('/orders/{order}/approval', 'ask')->name('ask')->middleware(RequireScope::to(Scope::WriteOrders));
    });
    Route::controller(ArtworksController::class)->name('artworks.')->group(static function (): void {
        Route::get('/artworks', 'index')->name('list')->middleware(RequireScope::to(Scope::ReadArtworks));
        Route::post('/artworks', 'store')->name('store')->middleware(RequireScope::to(Scope::WriteArtworks));
        Route::get('/artworks/{artwork}', 'show')->name('show')->middleware(RequireScope::to(Scope::ReadArtworks));
    });
    Route::controller(LooksController::class)->group(static function (): void {
        Route::get('/catalogue', 'catalogue')->name('catalogue')->middleware(RequireScope::to(Scope::ReadCatalogue));
        Route::get('/threads', 'threads')->name('threads')->middleware(RequireScope::to(Scope::ReadStock));
        Route::get('/invoices', 'invoices')->name('invoices')->middleware(RequireScope::to(Scope::ReadInvoices));
        Route::get('/invoices/{invoice:number}', 'invoice')->name('invoice')->middleware(RequireScope::to(Scope::ReadInvoices));
    });
});
