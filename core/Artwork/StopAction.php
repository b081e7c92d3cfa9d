<?php

declare(strict_types=1);

namespace Hakama\Artwork;

/** What happens at a stop. Everything but going on wants a hand, so the machine must halt there. */
enum StopAction: string
{
    case GoOn = 'go_on';
    case BringOut = 'bring_out';
    case LayCloth = 'lay_cloth';
    case TrimCloth = 'trim_cloth';
    case AddBacking = 'add_backing';
    case AddTopper = 'add_topper';
    case TapeAside = 'tape_aside';
    case Look = 'look';

    public function label(): string
    {
        return match ($this) {
            self::GoOn => 'go on by itself',
            self::BringOut => 'stop and bring the frame out',
            self::LayCloth => 'lay the cloth',
            self::TrimCloth => 'trim the cloth',
            self::AddBacking => 'add backing under the frame',
            self::AddTopper => 'add film on top',
            self::TapeAside => 'tape back or pocket aside',
            self::Look => 'look before going on',
        };
    }

    public function halts(): bool
    {
        return $this !== self::GoOn;
    }
}
