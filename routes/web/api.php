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
        Route::get('/{program}', 'show')->name('told')->can(Ability::Own)->whereNumber('program');
        Route::put('/{program}/told', 'tellAt')->name('tell-at')->can(Ability::Own)->whereNumber('program');
        Route::delete('/{program}/told', 'end')->name('end')->can(Ability::Own)->whereNumber('program');
        Route::post('/{program}/told', 'tryNow')->name('try-now')->can(Ability::Own)->whereNumber('program');
        Route::post('/told/{delivery}', 'again')->name('again')->can(Ability::Own)->whereNumber('delivery');
        Route::delete('/{program}', 'shutOut')->name('shut-out')->can(Ability::Own)->whereNumber('program');
    });
