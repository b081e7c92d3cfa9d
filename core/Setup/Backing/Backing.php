<?php

declare(strict_types=1);

namespace Hakama\Setup\Backing;

use Hakama\Words\Text;

enum Backing: string
{
    case Cutaway = 'cutaway';
    case TearAway = 'tear_away';
    case Mesh = 'mesh';
    case WashAway = 'wash_away';

    public function label(): Text
    {
        return new Text("garment.backing.{$this->value}");
    }
}
