<?php

declare(strict_types=1);

namespace App\Books\Console;

use App\Floor\Projections\DaySums;
use Illuminate\Console\Command;

final class BooksRecount extends Command
{
    protected $signature = 'books:recount';
    protected $description = 'Adds every day of the books up anew from the events, and says where what is kept differs';

    public function handle(): int
    {
        $wrong = DaySums::recount();
        foreach ($wrong as $line) {
            $this->line($line);
        }
        $wrong === []
            ? $this->components->info('What is kept of each day is what its events come to.')
            : $this->components->error(sprintf('%d lines differed; they are put right.', count($wrong)));

        return $wrong === [] ? self::SUCCESS : self::FAILURE;
    }
}
