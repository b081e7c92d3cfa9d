<?php

declare(strict_types=1);

namespace Hakama\Setup;

use Hakama\Machine\Driver;
use Hakama\Setup\Facts\Fact;
use Hakama\Setup\Fit\RankedFrame;
use Hakama\Setup\Rules\Reason;
use Hakama\Setup\Rules\SetupDecision;
use Hakama\Setup\Rules\SetupTopic;
use Hakama\Setup\Rules\Strength;
use Hakama\Stitch\Turn;
use Hakama\Words\Decimal;
use Hakama\Words\Text;

/** Why it is got at, turned and framed so: what follows from the decisions without being one. */
final readonly class Reasons
{
    /** @param list<RankedFrame> $ranked best first */
    public function __construct(private SetupDecision $decided, private array $ranked) {}

    public function access(): Reason
    {
        $access = $this->decided->access();
        $words = $access->because(
            in_array(Driver::Cylinder, $this->decided->drivers, true),
            $this->decided->isInCapFrame(),
            $this->decided->fit?->frame->kind->closesOnMachine() === true,
            $this->decided->isStuckOn(),
        );

        return new Reason(
            SetupTopic::Access,
            $access->value,
            $words,
            facts: [Fact::Drivers, Fact::Position, Fact::Garment],
        );
    }

    public function hoopings(): Reason
    {
        $count = $this->decided->hoopings();
        $item = $this->decided->facts->item;
        $minutes = new Decimal($this->decided->handsS() / 60);

        return new Reason(
            SetupTopic::Hoopings,
            match (true) {
                $count > 1 => 'several_along_the_tube',
                $item->isNarrowTube() => 'one_along_the_tube',
                default => 'one',
            },
            match (true) {
                $count > 1 => new Text('because.hoopings.several_along_the_tube', [
                    'hoopings' => $count,
                    'minutes' => $minutes,
                ]),
                $item->isNarrowTube() => new Text('because.hoopings.one_along_the_tube', ['minutes' => $minutes]),
                default => new Text('because.hoopings.one'),
            },
            facts: [Fact::Height, Fact::Position, Fact::Drivers, Fact::Garment],
        );
    }

    /** "The bill goes towards the machine; the design's bottom lies there. This machine turns it by itself." */
    public function turn(): Reason
    {
        $loading = $this->decided->loading();
        $toSet = $this->decided->turnToSet();
        $set = match (true) {
            $toSet !== Turn::None => new Text('because.turn.turned', ['degrees' => $toSet->value]),
            $loading->turn === Turn::None => new Text('because.turn.not_turned'),
            $this->decided->facts->machine->turnsCapsItself === true =>
                new Text('because.turn.machine_turns'),
            default => new Text('because.turn.most_machines_turn'),
        };

        return new Reason(
            SetupTopic::Turn,
            $loading->turnCode(),
            new Text('because.turn.loaded_and_set', ['loading' => $loading->words(), 'set' => $set]),
            Strength::Must,
            $this->decided->isInCapFrame()
                ? [Fact::TurnsCaps, Fact::Garment]
                : [Fact::Garment, Fact::Width, Fact::HouseRules, Fact::Neck, Fact::Position],
        );
    }

    public function frame(): Reason
    {
        $best = $this->ranked[0] ?? null;
        $facts = [Fact::Frames, Fact::Width, Fact::Height];

        return match (true) {
            $best !== null => new Reason(
                SetupTopic::Frame,
                $best->fits() ? 'best_of_those_that_hold_it' : 'nearest',
                $best->because($this->decided->units()),
                facts: [...$facts, ...$best->grip->facts()],
            ),
            $this->decided->framesKnown => new Reason(
                SetupTopic::Frame,
                'none',
                new Text('because.frame.none'),
                facts: [Fact::Frames, Fact::Drivers, Fact::Garment, Fact::Structure],
            ),
            default => new Reason(
                SetupTopic::Frame,
                'not_asked',
                new Text('because.frame.not_asked'),
                facts: [Fact::Frames],
            ),
        };
    }
}
