<?php

declare(strict_types=1);

namespace Hakama\Garment;

/** How a patch is fixed to what it is for. */
enum PatchBack: string
{
    case SewnOn = 'sewn_on';
    case IronedOn = 'ironed_on';

    public function label(): string
    {
        return match ($this) {
            self::SewnOn => 'to be sewn on',
            self::IronedOn => 'to be ironed on',
        };
    }
}
