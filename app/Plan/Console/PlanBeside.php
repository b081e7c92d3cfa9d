<?php

declare(strict_types=1);

namespace App\Plan\Console;

use App\Plan\Beside\Frames;
use Hakama\Plan\Found;
use Hakama\Plan\Search;
use Illuminate\Console\Command;

/** One of several that look for a plan at once; speaks with whoever began it and ends with them. */
final class PlanBeside extends Command
{
    /** Whoever sits before a page comes first. */
    private const NICE = 5;

    protected $signature = 'plan:beside';
    protected $description = 'Looks for a plan beside others, as it is told on standard input';
    protected $hidden = true;

    public function handle(): int
    {
        @proc_nice(self::NICE);
        $of = Frames::read(STDIN);
        if (! is_array($of)) {
            return self::SUCCESS;
        }
        $search = Search::of(...$of);
        Frames::write(STDOUT, $search->found());
        while (($told = Frames::read(STDIN)) !== null) {
            if ($told instanceof Found) {
                $search->take($told);
                continue;
            }
            $search->begin((int) $told);
            if (! Frames::write(STDOUT, $search->found())) {
                break;
            }
        }

        return self::SUCCESS;
    }
}
