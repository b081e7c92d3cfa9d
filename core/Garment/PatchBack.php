<?php

declare(strict_types=1);

namespace Hakama\Garment;

use Hakama\Words\Text;

/** How a patch is fixed to what it is for. */
enum PatchBack: string
{
    case SewnOn = 'sewn_on';
    case IronedOn = 'ironed_on';

    public function label(): Text
    {
        return new Text("garment.patch_back.{$this->value}");
    }
}
