<?php

declare(strict_types=1);

use App\Books\Http\BooksController;
use App\Books\Http\ChartController;
use App\Books\Http\JobController;
use App\Books\Http\LearningController;
use App\Books\Http\PromiseController;
use App\Foundation\Http\LongRead;
use App\People\Ability;
use Illuminate\Support\Facades\Route;

Route::get('/books/jobs', JobController::class)->name('books.jobs')->can(Ability::Plan)->middleware(LongRead::class);
Route::get('/books/charts/{kind?}', ChartController::class)
    ->name('books.charts')
    ->can(Ability::Plan)
    ->middleware(LongRead::class);
Route::get('/books/promises', PromiseController::class)->name('books.promises')->can(Ability::Look)->middleware(LongRead::class);
Route::get('/books/learned', [LearningController::class, 'show'])->name('books.learned')->can(Ability::Plan)->middleware(LongRead::class);
Route::put('/books/learned', [LearningController::class, 'decide'])->name('books.learned.decide')->can(Ability::Plan);
Route::put('/books/learned/cloths', [LearningController::class, 'decideCloth'])->name('books.learned.cloth')->can(Ability::Plan);
Route::put('/books/learned/rules', [LearningController::class, 'decideRule'])->name('books.learned.rule')->can(Ability::Plan);
Route::get('/books', [BooksController::class, 'show'])->name('books.show')->can(Ability::Look)->middleware(LongRead::class);
Route::get('/books.csv', [BooksController::class, 'csv'])->name('books.csv')->can(Ability::Look)->middleware(LongRead::class);
Route::get('/books.xlsx', [BooksController::class, 'xlsx'])->name('books.xlsx')->can(Ability::Look)->middleware(LongRead::class);
