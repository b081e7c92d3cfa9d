<?php

declare(strict_types=1);

namespace Hakama\Setup\Backing;

enum Backing: string
{
    case Cutaway = 'cutaway';
    case TearAway = 'tear_away';
    case Mesh = 'mesh';
    case WashAway = 'wash_away';

    public function label(): string
    {
        return str_replace('_', '-', $this->value);
    }
}
