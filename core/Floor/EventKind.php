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
    /** Of several along a tube: it comes off, is moved on, and waits for the next. */
    case HoopingDone = 'hooping_done';
    case PieceDone = 'piece_done';
    case PieceSpoiled = 'piece_spoiled';
    /** Was counted, and found not to be good: when it was finished, checked, or by the customer. */
    case PieceRejected = 'piece_rejected';
    /** Was counted by mistake, or came back: it waits again. */
    case PieceReturned = 'piece_returned';
    /** Was said to be spoiled and is not. */
    case SpoilWithdrawn = 'spoil_withdrawn';

    /** What it makes of the pieces it is about; null where they stay as they are. */
    public function leaves(): ?PieceState
    {
        return match ($this) {
            self::LoadStarted => PieceState::Sewing,
            self::PieceDone => PieceState::Done,
            self::HoopingDone, self::PieceSpoiled, self::PieceReturned, self::PieceRejected => PieceState::Waiting,
            default => null,
        };
    }

    /**
     * How many hoopings its pieces have behind them then; null where that stays. A spoiled one is begun anew on a
     * spare; one that was not spoiled after all is where it was.
     *
     * @param int $hooping which it was about
     */
    public function hoopingsAfter(int $hooping): ?int
    {
        return match ($this) {
            self::HoopingDone => $hooping,
            self::PieceSpoiled, self::PieceRejected => 0,
            self::SpoilWithdrawn => $hooping - 1,
            default => null,
        };
    }

    /** A full bobbin is in after it; one that ran out is changed before the machine goes on. */
    public function bringsBobbin(): bool
    {
        return $this === self::BobbinChanged || $this === self::BobbinRanOut;
    }

    /** What each of its pieces adds to those that are done: 1, -1 or 0. */
    public function countsDone(): int
    {
        return match ($this) {
            self::PieceDone => 1,
            self::PieceReturned, self::PieceRejected => -1,
            default => 0,
        };
    }

    /** What each of its pieces adds to those that were spoiled: 1, -1 or 0. */
    public function countsSpoiled(): int
    {
        return match ($this) {
            self::PieceSpoiled, self::PieceRejected => 1,
            self::SpoilWithdrawn => -1,
            default => 0,
        };
    }

    /** It puts an earlier one right, which stays as it is: no event is ever changed. */
    public function corrects(): bool
    {
        return $this === self::PieceReturned || $this === self::SpoilWithdrawn;
    }

    public function halts(): bool
    {
        return in_array($this, [self::ThreadBroke, self::BobbinRanOut, self::Stopped, self::HandStop], true);
    }
}
