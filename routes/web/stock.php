<?php

declare(strict_types=1);

use App\Foundation\Http\LongRead;
use App\People\Ability;
use App\Stock\Http\OrderingController;
use App\Stock\Http\ThreadController;
use App\Stock\Http\ThreadListController;
use Illuminate\Support\Facades\Route;

Route::get('/shop/ordering', [OrderingController::class, 'show'])->name('ordering.show')->can(Ability::Look)->middleware(LongRead::class);
Route::get('/shop/ordering.csv', [OrderingController::class, 'csv'])->name('ordering.csv')->can(Ability::Look)->middleware(LongRead::class);
Route::post('/shop/ordering/counts', [OrderingController::class, 'count'])->name('ordering.count')->can(Ability::Operate);
Route::post('/shop/ordering/cloths', [OrderingController::class, 'measure'])->name('ordering.measure')->can(Ability::Operate);
Route::post('/shop/ordering/expected', [OrderingController::class, 'expect'])->name('ordering.expect')->can(Ability::Operate);
Route::delete('/shop/ordering/expected/{expected}', [OrderingController::class, 'forget'])
    ->name('ordering.forget')->can(Ability::Operate)
    ->whereNumber('expected');
Route::put('/shop/ordering/suppliers', [OrderingController::class, 'supply'])->name('ordering.supply')->can(Ability::Own);
Route::controller(ThreadListController::class)
    ->prefix('shop/threads')
    ->name('threads.')
    ->group(static function (): void {
        Route::get('/list.csv', 'csv')->name('csv')->can(Ability::Look);
        Route::get('/list.xlsx', 'xlsx')->name('xlsx')->can(Ability::Look);
        Route::post('/list', 'read')->name('read')->can(Ability::Plan);
        Route::get('/list/{key}', 'preview')->name('preview')->can(Ability::Look);
        Route::post('/list/{key}', 'takeOver')->name('take')->can(Ability::Plan);
    });
Route::controller(ThreadController::class)
    ->prefix('shop/threads')
    ->name('threads.')
    ->group(static function (): void {
        Route::get('/', 'index')->name('index')->can(Ability::Look);
        Route::post('/', 'store')->name('store')->can(Ability::Operate);
        Route::get('/needs', 'needs')->name('needs')->can(Ability::Look);
        Route::get('/match', 'match')->name('match')->can(Ability::Look);
        Route::delete('/cones/{cone}', 'empty')->name('empty')->can(Ability::Operate);
    });
