<?php

declare(strict_types=1);

namespace App\Setup;

use App\Foundation\Words\Words;
use Hakama\Machine\Driver;
use Hakama\Setup\Advice;
use Hakama\Setup\Loading\Loading;
use Hakama\Setup\Notes\Note;
use Hakama\Stitch\Turn;

/** A setup as it was chosen, on one machine: steps, end and turn belong to the machine the batch stands on. */
final readonly class SetupOnMachine
{
    /** Where one of these is to be minded the first piece is sewn alone, however many heads there are. */
    private const FIRST_ALONE = ['value_at_risk', 'not_practised'];

    /**
     * @param list<Note>            $steps
     * @param array<string, string> $placements size => where the design goes, in few words
     * @param string                $holes      of the arms, where the frame has a pair of its own
     * @param bool                  $firstAlone the first piece is looked at before others are sewn
     * @param list<string>          $marks      where the cross goes at each of several hoopings
     */
    private function __construct(
        public Loading $loading,
        public Turn $turnToSet,
        public array $steps,
        public array $placements,
        public bool $firstAlone,
        public Driver $driver,
        public string $holes,
        public array $marks,
    ) {}

    /** @param array<string, string> $placements */
    public static function of(Advice $advice, array $placements, Driver $driver, string $holes): self
    {
        return new self(
            $advice->loading(),
            $advice->turnToSet(),
            $advice->steps,
            $placements,
            array_intersect(self::FIRST_ALONE, array_column($advice->warnings, 'code')) !== [],
            $driver,
            $holes,
            Words::each($advice->marks()),
        );
    }

    /**
     * What the operator has to do otherwise than on another machine.
     *
     * @return list<string> in words
     */
    public function otherThan(self $other): array
    {
        $known = array_map(static fn(Note $step): string => Words::say($step->text), $other->steps);

        return array_values(array_diff(array_map(static fn(Note $step): string => Words::say($step->text), $this->steps), $known));
    }
}
