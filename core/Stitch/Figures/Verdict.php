<?php

declare(strict_types=1);

namespace Hakama\Stitch\Figures;

enum Verdict: string
{
    case Yes = 'yes';
    case No = 'no';
    case Unclear = 'unclear';
}
