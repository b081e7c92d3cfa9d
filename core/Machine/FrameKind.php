<?php

declare(strict_types=1);

namespace Hakama\Machine;

use Hakama\Words\Text;

/**
 * How a frame holds. Whatever depends on it is asked here, each kind named in every answer: a new kind makes the analyser
 * name all of them.
 */
enum FrameKind: string
{
    case Round = 'round';
    case Square = 'square';
    case Magnetic = 'magnetic';
    case Cap = 'cap';
    case Cylinder = 'cylinder';
    case Clamp = 'clamp';
    case Pocket = 'pocket';

    public function label(): Text
    {
        return new Text("shop.frame_kind.{$this->value}");
    }

    /** It holds a cap round its driver, and nothing else. */
    public function turnsCaps(): bool
    {
        return match ($this) {
            self::Cap => true,
            self::Round, self::Square, self::Magnetic, self::Cylinder, self::Clamp, self::Pocket => false,
        };
    }

    /** It goes into a finished pocket or bag that no other gets into. */
    public function entersPockets(): bool
    {
        return match ($this) {
            self::Pocket => true,
            self::Round, self::Square, self::Magnetic, self::Cap, self::Cylinder, self::Clamp => false,
        };
    }

    /** It is closed on the item while it stays on the machine: the frame is brought out to load and goes back. */
    public function closesOnMachine(): bool
    {
        return match ($this) {
            self::Clamp, self::Pocket => true,
            self::Round, self::Square, self::Magnetic, self::Cap, self::Cylinder => false,
        };
    }

    /** Whether who has hooped in one has hooped in the other: two rings and a screw are one, whatever their shape. */
    public function holdsLike(self $other): bool
    {
        return $this === $other || ($this->isScrewed() && $other->isScrewed());
    }

    /** Two rings and a screw: thick cloth creeps out of it, and it marks. */
    public function isScrewed(): bool
    {
        return match ($this) {
            self::Round, self::Square => true,
            self::Magnetic, self::Cap, self::Cylinder, self::Clamp, self::Pocket => false,
        };
    }

    /** Its windows are set by hand: its true centre is found and looked after. */
    public function hasCentreToFind(): bool
    {
        return match ($this) {
            self::Clamp => true,
            self::Round, self::Square, self::Magnetic, self::Cap, self::Cylinder, self::Pocket => false,
        };
    }

    /** Its magnets snap: fingers, pacemakers, watches. */
    public function pullsByMagnets(): bool
    {
        return match ($this) {
            self::Magnetic => true,
            self::Round, self::Square, self::Cap, self::Cylinder, self::Clamp, self::Pocket => false,
        };
    }

    /** Its window is round unless it is said otherwise. */
    public function isRound(): bool
    {
        return match ($this) {
            self::Round => true,
            self::Square, self::Magnetic, self::Cap, self::Cylinder, self::Clamp, self::Pocket => false,
        };
    }
}
