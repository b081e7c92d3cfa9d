<?php

declare(strict_types=1);

namespace Hakama\Plan;

/** What a machine stands still for although it is worked on and has a batch to run. */
enum Wait: string
{
    case Frames = 'frames';
    case Hands = 'hands';

    public function words(string $frame): string
    {
        return match ($this) {
            self::Frames => "waits for frames {$frame} that another machine has",
            self::Hands => 'waits for people: as many machines run as can be tended',
        };
    }
}
