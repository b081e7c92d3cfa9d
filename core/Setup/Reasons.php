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

        return new Reason(
            SetupTopic::Hoopings,
            match (true) {
                $count > 1 => 'several_along_the_tube',
                $item->isNarrowTube() => 'one_along_the_tube',
                default => 'one',
            },
            match (true) {
                $count > 1 => sprintf(
                    'The design is longer than one hooping reaches along the tube: %d hoopings, %.1f min of hands a piece.',
                    $count,
                    $this->decided->handsS() / 60,
                ),
                $item->isNarrowTube() => sprintf(
                    'One hooping reaches over all of it: %.1f min of hands a piece.',
                    $this->decided->handsS() / 60,
                ),
                default => 'One frame holds all of it.',
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
            $toSet !== Turn::None => "It is turned by {$toSet->value}°, never mirrored.",
            $loading->turn === Turn::None => 'Nothing is turned.',
            $this->decided->facts->machine->turnsCapsItself === true =>
                'This machine turns it by itself: nothing is set.',
            default => 'Most machines turn it by themselves; nothing is set then.',
        };

        return new Reason(
            SetupTopic::Turn,
            $loading->turnCode(),
            "{$loading->words()} {$set}",
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
                'No frame here is for such a thing on a driver that would do.',
                facts: [Fact::Frames, Fact::Drivers, Fact::Garment, Fact::Structure],
            ),
            default => new Reason(
                SetupTopic::Frame,
                'not_asked',
                'No frames were given to choose among.',
                facts: [Fact::Frames],
            ),
        };
    }
}
