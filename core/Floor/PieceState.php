<?php

declare(strict_types=1);

namespace Hakama\Floor;

/** Where a piece stands. A spoiled one waits again, to be sewn on a spare. */
enum PieceState: string
{
    case Waiting = 'waiting';
    case Sewing = 'sewing';
    case Done = 'done';
}
