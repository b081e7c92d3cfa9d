<?php

declare(strict_types=1);

use App\People\Ability;
use App\People\Http\PeopleController;
use App\People\Http\ReadingController;
use App\People\Http\SignInController;
use App\People\Http\TabletController;
use Illuminate\Support\Facades\Route;

Route::controller(SignInController::class)->group(static function (): void {
    Route::get('/sign-in', 'show')->name('sign-in')->can(Ability::Open);
    Route::post('/sign-in', 'store')->name('sign-in.try')->can(Ability::Open);
    Route::post('/sign-out', 'destroy')->name('sign-out')->can(Ability::Look);
});
Route::get('/tablet', [TabletController::class, 'show'])->name('tablet.pair')->can(Ability::Open);
Route::post('/tablet', [TabletController::class, 'store'])->name('tablet.take')->can(Ability::Open);
Route::controller(ReadingController::class)->group(static function (): void {
    Route::post('/language', 'language')->name('language')->can(Ability::Open);
    Route::get('/reading', 'show')->name('reading.show')->can(Ability::Look);
    Route::put('/reading', 'choose')->name('reading.choose')->can(Ability::Look);
    Route::put('/shop/people/language', 'shop')->name('people.language')->can(Ability::Own);
});
Route::controller(PeopleController::class)
    ->prefix('shop/people')
    ->name('people.')
    ->group(static function (): void {
        Route::get('/', 'show')->name('show')->can(Ability::Own);
        Route::post('/', 'add')->name('add')->can(Ability::Own);
        Route::post('/tablets', 'tablet')->name('tablet')->can(Ability::Own);
        Route::delete('/tablets/{tablet}', 'revoke')->name('tablet.revoke')->can(Ability::Own)->whereNumber('tablet');
        Route::post('/calendars', 'calendars')->name('calendars')->can(Ability::Own);
        Route::put('/{person}', 'update')->name('update')->can(Ability::Own)->whereNumber('person');
        Route::put('/{person}/secret', 'secret')->name('secret')->can(Ability::Own)->whereNumber('person');
        Route::put('/{person}/skills', 'skills')->name('skills')->can(Ability::Own)->whereNumber('person');
        Route::post('/{person}/retire', 'retire')->name('retire')->can(Ability::Own)->whereNumber('person');
    });
