<?php

declare(strict_types=1);

use App\Http\Controllers\Floor\MachineController;
use App\Http\Controllers\Floor\PairController;
use App\Http\MachineToken;
use Illuminate\Support\Facades\Route;

/* What machines say and ask, each with its own token. docs/machines.md describes it. */

Route::post('/pair', PairController::class);
Route::middleware(MachineToken::class)
    ->controller(MachineController::class)
    ->group(static function (): void {
        Route::get('/instruction', 'instruction');
        Route::get('/tape', 'tape');
        Route::post('/reports', 'report');
    });
