<?php

declare(strict_types=1);

use App\Needles\Http\CardController;
use App\Needles\Http\CareController;
use App\Needles\Http\HeadController;
use App\Needles\Http\NeedlesController;
use App\Needles\Http\PinController;
use App\Needles\Http\SlotController;
use App\Needles\Http\WalkController;
use App\People\Ability;
use Illuminate\Support\Facades\Route;

Route::get('/needles/walks', [WalkController::class, 'show'])->name('needles.walks')->can(Ability::Look);
Route::get('/needles/cards/{code}', [CardController::class, 'show'])->name('needles.card')->can(Ability::Look);
Route::get('/needles/{machine}/care', [CareController::class, 'show'])->name('needles.care')->can(Ability::Look);
Route::post('/needles/{machine}/care', [CareController::class, 'note'])->name('needles.care.note')->can(Ability::Operate);
Route::post('/needles/{machine}/heads', [HeadController::class, 'change'])->name('needles.head')->can(Ability::Operate);
Route::post('/needles/{machine}/slots', [SlotController::class, 'keep'])->name('needles.slots.keep')->can(Ability::Operate);
Route::get('/needles/{machine}/pins', [PinController::class, 'show'])->name('needles.pins')->can(Ability::Look);
Route::controller(NeedlesController::class)
    ->prefix('needles')
    ->name('needles.')
    ->group(static function (): void {
        Route::get('/{machine?}', 'show')->name('show')->can(Ability::Look);
        Route::post('/{machine}/fittings', 'fit')->name('fit')->can(Ability::Operate);
        Route::post('/{machine}/{number}', 'load')->name('load')->can(Ability::Operate)->whereNumber('number');
        Route::put('/{machine}/{number}', 'pin')->name('pin')->can(Ability::Operate)->whereNumber('number');
    });
Route::get('/floor/cards/{code}', [CardController::class, 'floor'])->name('floor.card')->can(Ability::Look);
