<?php

declare(strict_types=1);

use App\Api\Http\ProgramController;
use App\People\Ability;
use Illuminate\Support\Facades\Route;

Route::controller(ProgramController::class)
    ->prefix('shop/programs')
    ->name('programs.')
    ->group(static function (): void {
        Route::get('/', 'index')->name('show')->can(Ability::Own);
        Route::post('/', 'letIn')->name('let-in')->can(Ability::Own);
        Route::delete('/{program}', 'shutOut')->name('shut-out')->can(Ability::Own)->whereNumber('program');
    });
