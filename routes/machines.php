<?php

declare(strict_types=1);

use App\Floor\Http\FolderLineController;
use App\Floor\Http\MachineLineController;
use App\Floor\Http\MachineToken;
use App\Floor\Http\PairController;
use Illuminate\Support\Facades\Route;

/* What machines say and ask, each with its own token. docs/machines.md describes it. */

Route::post('/pair', PairController::class);
Route::middleware(MachineToken::class)
    ->controller(MachineLineController::class)
    ->group(static function (): void {
        Route::get('/instruction', 'instruction');
        Route::get('/tape', 'tape');
        Route::post('/reports', 'report');
    });
Route::match(FolderLineController::METHODS, '/folder/{name?}', [FolderLineController::class, 'answer'])
    ->middleware(MachineToken::class);
