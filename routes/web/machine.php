<?php

declare(strict_types=1);

use App\Machine\Http\MachineController;
use App\People\Ability;
use Illuminate\Support\Facades\Route;

Route::controller(MachineController::class)
    ->prefix('shop/machines')
    ->name('machines.')
    ->group(static function (): void {
        Route::get('/', 'show')->name('show')->can(Ability::Own);
        Route::post('/', 'add')->name('add')->can(Ability::Own);
        Route::post('/{machine}/code', 'code')->name('code')->can(Ability::Own);
        Route::post('/{machine}/retire', 'retire')->name('retire')->can(Ability::Own);
        Route::delete('/{machine}/token', 'revoke')->name('revoke')->can(Ability::Own);
    });
