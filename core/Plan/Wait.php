<?php

declare(strict_types=1);

namespace Hakama\Plan;

use Hakama\Words\Text;

/** What a machine stands still for although it is worked on and has a batch to run. */
enum Wait: string
{
    case Frames = 'frames';
    case Hands = 'hands';
    case Able = 'able';

    /** A few words for a drawing. */
    public function label(string $frame): Text
    {
        return match ($this) {
            self::Frames => new Text('plan.chart.waiting_for', ['frame' => $frame]),
            self::Hands => new Text('plan.chart.waiting_for_people'),
            self::Able => new Text('plan.chart.waiting_for_somebody_who_may'),
        };
    }

    public function isForPeople(): bool
    {
        return $this !== self::Frames;
    }

    public function words(string $frame): Text
    {
        return match ($this) {
            self::Frames => new Text('plan.wait.frames', ['frame' => $frame]),
            self::Hands => new Text('plan.wait.hands'),
            self::Able => new Text('plan.wait.able'),
        };
    }
}
