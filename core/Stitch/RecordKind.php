<?php

declare(strict_types=1);

namespace Hakama\Stitch;

/** What the machine does at the end of one relative move. The number is how a pattern stores it. */
enum RecordKind: int
{
    case Stitch = 0;
    case Jump = 1;
    case Stop = 2;

    /** One record moves the frame no further than this in x and y, 0.1 mm. */
    public const REACH = 121;
}
