<?php

declare(strict_types=1);

namespace Hakama\Machine;

use Hakama\Words\Text;

/** Frames to begin with, as sets by what they are for; each size can be changed to what the shop really has. */
enum FrameSet: string
{
    case Round = 'round';
    case Square = 'square';
    case Magnet = 'magnet';
    case Cap = 'cap';
    case Cylinder = 'cylinder';
    case Clamp = 'clamp';

    public function words(): Text
    {
        return new Text("shop.frame_set.{$this->value}");
    }

    public function isFor(): Text
    {
        return new Text("shop.frame_set_for.{$this->value}");
    }

    /** @return array<string, FrameSpec> its name => the frame */
    public function frames(): array
    {
        return match ($this) {
            self::Round => [
                'Round, 9 cm' => new FrameSpec(
                    'R-9',
                    FrameKind::Round,
                    Driver::Flat,
                    116,
                    116,
                    Window::ellipse(90, 90),
                    0,
                    0,
                    6,
                ),
                'Round, 12 cm' => new FrameSpec(
                    'R-12',
                    FrameKind::Round,
                    Driver::Flat,
                    148,
                    148,
                    Window::ellipse(120, 120),
                    0,
                    0,
                    6,
                ),
                'Round, 15 cm' => new FrameSpec(
                    'R-15',
                    FrameKind::Round,
                    Driver::Flat,
                    180,
                    180,
                    Window::ellipse(150, 150),
                    0,
                    0,
                    4,
                ),
            ],
            self::Square => [
                'Square, 18 cm' => new FrameSpec(
                    'S-18',
                    FrameKind::Square,
                    Driver::Flat,
                    214,
                    214,
                    Window::rectangle(180, 180, 18),
                    0,
                    0,
                    4,
                ),
                'Oblong, 30 by 24 cm' => new FrameSpec(
                    'S-30',
                    FrameKind::Square,
                    Driver::Flat,
                    338,
                    278,
                    Window::rectangle(300, 240, 22),
                    0,
                    0,
                    4,
                ),
            ],
            self::Magnet => [
                'Magnet, 13 cm' => new FrameSpec(
                    'G-13',
                    FrameKind::Magnetic,
                    Driver::Flat,
                    158,
                    158,
                    Window::rectangle(130, 130, 6),
                    0,
                    0,
                    4,
                ),
                'Magnet, 34 by 20 cm' => new FrameSpec(
                    'G-34',
                    FrameKind::Magnetic,
                    Driver::Flat,
                    372,
                    232,
                    Window::rectangle(340, 200, 8),
                    0,
                    0,
                    2,
                ),
            ],
            self::Cap => [
                'Cap ring' => new FrameSpec(
                    'K-1',
                    FrameKind::Cap,
                    Driver::Cap,
                    190,
                    96,
                    Window::rectangle(170, 78, 10),
                    0,
                    0,
                    5,
                ),
            ],
            self::Cylinder => [
                'Cylinder, 8 cm' => new FrameSpec(
                    'T-8',
                    FrameKind::Cylinder,
                    Driver::Cylinder,
                    104,
                    100,
                    Window::rectangle(84, 80, 8),
                    0,
                    0,
                    2,
                ),
            ],
            self::Clamp => [
                'Clamp, 10 by 7 cm' => new FrameSpec(
                    'P-10',
                    FrameKind::Clamp,
                    Driver::Clamp,
                    150,
                    120,
                    Window::rectangle(100, 70, 2),
                    0,
                    -9,
                    1,
                ),
            ],
        };
    }
}
