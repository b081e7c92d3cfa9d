<?php

declare(strict_types=1);

namespace Hakama\Setup\Fit;

use Hakama\Words\Text;

/** What has to be changed on the machine before a frame can be used. */
enum FrameChange: int
{
    case Nothing = 0;
    case Frame = 1;
    case Driver = 2;

    /** As part of a reason. */
    public function words(): Text
    {
        return new Text('setup.frame_change.'.strtolower($this->name));
    }

    public function label(): Text
    {
        return new Text('setup.frame_change_label.'.strtolower($this->name));
    }
}
