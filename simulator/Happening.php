<?php

declare(strict_types=1);

namespace Simulator;

enum Happening
{
    case Nothing;
    case ThreadBroke;
    case HandStop;
    case Sewn;
}
