<?php

declare(strict_types=1);

namespace Hakama\Picture;

/** What to do about where a mark lies. */
enum Advice: string
{
    case Good = 'good';
    case Move = 'move';
    case Turn = 'turn';
    case HoopAgain = 'hoop_again';
}
