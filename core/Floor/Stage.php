<?php

declare(strict_types=1);

namespace Hakama\Floor;

use Hakama\Words\Text;

/** Where a machine stands in its batch. */
enum Stage: string
{
    case Preflight = 'preflight';
    case Ready = 'ready';
    case Sewing = 'sewing';
    case Halted = 'halted';
    case Sewn = 'sewn';
    case Finished = 'finished';

    public function label(): Text
    {
        return new Text("floor.stage.{$this->value}");
    }

    /**
     * What somebody at the machine can touch, and where it leads. Where a controller tells what it does, a hand does not
     * say that it is sewn.
     *
     * @return list<array{EventKind, self}>
     */
    public function touches(bool $byHand): array
    {
        return match ($this) {
            self::Ready => [[EventKind::LoadStarted, self::Sewing], [EventKind::BobbinChanged, self::Ready]],
            self::Sewing => [
                ...$byHand ? [[EventKind::Sewn, self::Sewn]] : [],
                [EventKind::ThreadBroke, self::Halted],
                [EventKind::BobbinRanOut, self::Halted],
                [EventKind::Stopped, self::Halted],
            ],
            self::Halted => [[EventKind::Resumed, self::Sewing]],
            self::Sewn => [[EventKind::PieceDone, self::Ready]],
            default => [],
        };
    }
}
