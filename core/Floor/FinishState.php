<?php

declare(strict_types=1);

namespace Hakama\Floor;

use Hakama\Words\Text;

/** Where a piece stands once it is off the machine. */
enum FinishState: string
{
    /** Backing, film, tails, marks: still on it. */
    case ToFinish = 'finish';
    /** Finished, and another pair of eyes is wanted. */
    case ToCheck = 'check';
    /** Looked at, and something is to be put right. */
    case Rework = 'rework';
    case Passed = 'passed';

    public function label(): Text
    {
        return new Text("floor.finish_state.{$this->value}");
    }

    /** What it is after the hands are done with it. */
    public function finished(bool $wantsCheck): self
    {
        return match ($this) {
            // What was put right is looked at again, whoever looked the first time.
            self::Rework => self::ToCheck,
            self::ToFinish => $wantsCheck ? self::ToCheck : self::Passed,
            self::ToCheck, self::Passed => throw ActRefused::finishedAlready(),
        };
    }

    /**
     * What it is after somebody has looked.
     *
     * @param string $by     who looks
     * @param string $sewnBy who sewed it; '' where nobody has said
     * @param bool   $other  the one who sewed it may not be the one who looks
     *
     * @throws ActRefused
     */
    public function checked(bool $good, string $by, string $sewnBy, bool $other): self
    {
        if ($this !== self::ToCheck) {
            throw ActRefused::notForCheck($this->value);
        }
        if ($other && $by !== '' && $by === $sewnBy) {
            throw ActRefused::ownWork($by);
        }

        return $good ? self::Passed : self::Rework;
    }
}
