<?php

declare(strict_types=1);

namespace Hakama\Garment;

enum Position: string
{
    case LeftChest = 'left_chest';
    case FullFront = 'full_front';
    case FullBack = 'full_back';
    case CapFront = 'cap_front';
    case CapSide = 'cap_side';
    case CapBack = 'cap_back';
    case Cuff = 'cuff';
    case Sleeve = 'sleeve';
    case Leg = 'leg';
    case Corner = 'corner';
    case Pocket = 'pocket';
    case Centre = 'centre';

    public function label(): string
    {
        return str_replace('_', ' ', $this->value);
    }
}
