<?php

declare(strict_types=1);

namespace Hakama\Setup\Rules;

use Hakama\Words\Text;

/** What a setup rule decides. */
enum SetupTopic: string
{
    case Driver = 'driver';
    case Loading = 'loading';
    case Access = 'access';
    case Frame = 'frame';
    case Turn = 'turn';
    case Backing = 'backing';
    case Topper = 'topper';
    case Thread = 'thread';
    case Needle = 'needle';
    case Speed = 'speed';
    case Placement = 'place';
    case Hoopings = 'hoopings';

    public function label(): Text
    {
        return new Text("setup.topic.{$this->value}");
    }
}
