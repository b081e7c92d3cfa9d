<?php

declare(strict_types=1);

namespace App\Books\Console;

use App\Floor\Projections\DaySums;
use App\Floor\Projections\Projections;
use App\Foundation\Database\Transaction;
use Illuminate\Console\Command;

final class BooksRecount extends Command
{
    protected $signature = 'books:recount';
    protected $description = 'Adds every day of the books up anew from the events, and says how much of what is kept differs';

    public function handle(Projections $projections, DaySums $days): int
    {
        $wrong = Transaction::run(static fn(): int => $projections->rebuild($days));
        $wrong === 0
            ? $this->components->info('What is kept of each day is what its events come to.')
            : $this->components->error("{$wrong} lines differed; they are put right.");

        return $wrong === 0 ? self::SUCCESS : self::FAILURE;
    }
}
