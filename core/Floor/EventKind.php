<?php

declare(strict_types=1);

namespace Hakama\Floor;

/** What can happen on the floor. Events are appended and never changed. */
enum EventKind: string
{
    case PreflightDone = 'preflight_done';
    case LoadStarted = 'load_started';
    case ThreadBroke = 'thread_broke';
    case BobbinRanOut = 'bobbin_ran_out';
    case BobbinChanged = 'bobbin_changed';
    case Stopped = 'stopped';
    case HandStop = 'hand_stop';
    case Resumed = 'resumed';
    case Sewn = 'sewn';
    case PieceHooped = 'piece_hooped';
    case PieceDone = 'piece_done';
    case PieceSpoiled = 'piece_spoiled';

    /** What it makes of the pieces it is about; null where they stay as they are. */
    public function leaves(): ?PieceState
    {
        return match ($this) {
            self::LoadStarted => PieceState::Sewing,
            self::PieceDone => PieceState::Done,
            self::PieceSpoiled => PieceState::Waiting,
            default => null,
        };
    }

    /** A full bobbin is in after it; one that ran out is changed before the machine goes on. */
    public function bringsBobbin(): bool
    {
        return $this === self::BobbinChanged || $this === self::BobbinRanOut;
    }

    public function halts(): bool
    {
        return in_array($this, [self::ThreadBroke, self::BobbinRanOut, self::Stopped, self::HandStop], true);
    }
}
