<?php

declare(strict_types=1);

namespace Hakama\Picture;

/** What to do about where a mark lies. */
enum MarkAdvice: string
{
    case Good = 'good';
    case Move = 'move';
    case Turn = 'turn';
    case HoopAgain = 'hoop_again';
}
