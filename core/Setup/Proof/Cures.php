<?php

declare(strict_types=1);

namespace Hakama\Setup\Proof;

use Hakama\Garment\Datum;
use Hakama\Garment\End;
use Hakama\Garment\Garment;
use Hakama\Garment\Position;
use Hakama\Garment\Profile;
use Hakama\Garment\Structure;
use Hakama\House\HouseRule;
use Hakama\House\Units;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameSpec;
use Hakama\Setup\Advice;
use Hakama\Setup\Facts\Fact;
use Hakama\Setup\Fit\CapFace;
use Hakama\Setup\Loading\Access;
use Hakama\Setup\Tube\Motifs;
use Hakama\Setup\Tube\PlacedMotif;
use Hakama\Words\Text;

/** What would make a stop possible: each is made and advised again before it is offered. */
final readonly class Cures
{
    /** A hair more than the least, so that rounding to tenths does not undo it. */
    private const HAIR_MM = 0.1;
    private const LEAST_PERCENT = 10;
    private const TALK_MIN = 15.0;
    private const MOST_PARTS = 4;

    private Units $units;

    private function __construct(private SetupCase $case, private Advice $advice)
    {
        $this->units = Units::of($case->house);
    }

    /** @return list<Cure> the least work first; none where it is no stop, or where nothing helps */
    public static function of(SetupCase $case, Advice $advice): array
    {
        if (! $advice->stops()) {
            return [];
        }
        $self = new self($case, $advice);
        $cures = [
            ...$self->first($self->rows()),
            ...$self->first($self->moves()),
            ...$self->first($self->otherPlaces()),
            ...$self->first($self->otherMachines()),
            ...$self->first($self->otherCaps()),
            ...$self->first($self->moreHoopings()),
            ...$self->smaller(),
            ...$self->first($self->otherFrames()),
        ];
        usort($cures, static fn(Cure $one, Cure $two): int => $one->minutes() <=> $two->minutes());

        return $cures;
    }

    /**
     * The first of its kind that works.
     *
     * @param iterable<Cure> $candidates the best first
     *
     * @return list<Cure>
     */
    private function first(iterable $candidates): array
    {
        foreach ($candidates as $cure) {
            if ($this->works($cure->changes)) {
                return [$cure];
            }
        }

        return [];
    }

    /** @param non-empty-list<FactChange> $changes */
    private function works(array $changes): bool
    {
        $case = $this->case;
        foreach ($changes as $change) {
            $case = $change->applyTo($case);
        }

        return ! $case->outcome()->stops();
    }

    /** @return iterable<Cure> several along a tube, one behind the other, from as near to the end as will do */
    private function rows(): iterable
    {
        $motifs = $this->case->facts->motifs;
        if ($motifs === null) {
            return;
        }
        $gap = $this->case->house->value(HouseRule::TubeGap);
        foreach ([$motifs->all[0]->atMm, $this->case->house->value(HouseRule::SleeveUp), 20.0, 320.0, 350.0] as $start) {
            yield new Cure(
                CureKind::MovePlace,
                new Text('setup.cure.in_a_row', ['start' => $this->units->said($start)]),
                [FactChange::motifs($motifs->inARow($start, $gap))],
            );
        }
    }

    /** @return iterable<Cure> off what lies under it, the shortest way first */
    private function moves(): iterable
    {
        $placement = $this->advice->placement;
        if ($placement->datum === Datum::CornerInside || $this->case->facts->motifs !== null) {
            return;
        }
        $moves = [];
        foreach ($this->advice->obstructions() as $crossing) {
            foreach ($crossing->isBarred() ? $crossing->moves : [] as $move) {
                $moves[] = $move;
            }
        }
        usort(
            $moves,
            static fn(array $one, array $two): int => abs($one[0]) + abs($one[1]) <=> abs($two[0]) + abs($two[1]),
        );
        foreach ($moves as [$dx, $dy]) {
            $dx += self::HAIR_MM * ($dx <=> 0.0);
            $dy += self::HAIR_MM * ($dy <=> 0.0);
            yield new Cure(
                CureKind::MovePlace,
                new Text('setup.cure.move', [
                    'far' => $this->units->said(abs($dx) + abs($dy)),
                    'way' => match (true) {
                        $dx > 0 => 'left',
                        $dx < 0 => 'right',
                        $dy > 0 => 'up',
                        default => 'down',
                    },
                ]),
                [FactChange::placed($placement->downMm - $dy, $placement->acrossMm + $dx)],
            );
        }
    }

    /** @return iterable<Cure> another part of the same garment */
    private function otherPlaces(): iterable
    {
        $item = $this->case->facts->item;
        $places = match (true) {
            $item->isOnCap() => [Position::CapFront, Position::CapBack, Position::CapSide],
            $item->isUpperBody() => [Position::LeftChest, Position::FullFront, Position::FullBack],
            default => [Position::Centre],
        };
        foreach ($places as $place) {
            if ($place !== $item->position) {
                yield new Cure(
                    CureKind::MovePlace,
                    new Text('setup.cure.other_place', ['place' => $place->label()]),
                    [FactChange::position($place)],
                    self::TALK_MIN,
                );
            }
        }
    }

    /** @return iterable<Cure> one with a driver for which there are frames here; a seam opened on the flat arms */
    private function otherMachines(): iterable
    {
        $has = $this->case->facts->machine->drivers;
        foreach ([Driver::Flat, Driver::Cap, Driver::Cylinder, Driver::Clamp] as $driver) {
            $thereAre = $this->case->frames() === null || array_filter(
                $this->case->frames(),
                static fn(FrameSpec $frame): bool => $frame->driver === $driver,
            ) !== [];
            if (in_array($driver, $has, true) || ! $thereAre) {
                continue;
            }
            $change = FactChange::drivers([...$has, $driver]);
            $opens = $change->applyTo($this->case)->outcome()->decided->access() === Access::OpenedSeam;
            yield new Cure(
                $opens ? CureKind::OpenSeam : CureKind::OtherMachine,
                $opens
                    ? new Text('setup.cure.open_seam')
                    : new Text('setup.cure.other_machine', ['driver' => $driver->label()]),
                [$change],
            );
        }
    }

    /** @return iterable<Cure> the lowest that takes it; a soft one, which can be laid flat */
    private function otherCaps(): iterable
    {
        $item = $this->case->facts->item;
        if (! $item->isOnCap()) {
            return;
        }
        $now = CapFace::profileLimitMm($item->profile, $this->case->house);
        foreach ([Profile::Low, Profile::Mid, Profile::High] as $profile) {
            if ($profile !== $item->profile && CapFace::profileLimitMm($profile, $this->case->house) > $now) {
                yield new Cure(
                    CureKind::OtherCap,
                    new Text('setup.cure.other_cap', [
                        'profile' => $profile->label(),
                        'limit' => $this->units->said(CapFace::profileLimitMm($profile, $this->case->house)),
                    ]),
                    [FactChange::profile($profile)],
                );
            }
        }
        if ($item->structure !== Structure::Unstructured) {
            yield new Cure(
                CureKind::OtherCap,
                new Text('setup.cure.soft_cap'),
                [FactChange::structure(Structure::Unstructured)],
            );
        }
    }

    /** @return iterable<Cure> one long design along a tube, divided into as few as will do */
    private function moreHoopings(): iterable
    {
        $facts = $this->case->facts;
        if ($facts->motifs !== null || ! $facts->item->isNarrowTube()) {
            return;
        }
        $from = match (true) {
            $facts->item->garment === Garment::Stocking => End::Opening,
            $facts->item->position === Position::Leg => End::Hem,
            default => End::Cuff,
        };
        $gap = $this->case->house->value(HouseRule::TubeGap);
        for ($parts = 2; $parts <= self::MOST_PARTS; $parts++) {
            $height = floor(($facts->design->heightMm / $parts) * 10) / 10;
            $part = new PlacedMotif('', $from, $facts->design->widthMm, $height, 0.0);
            foreach ([20.0, $this->case->house->value(HouseRule::SleeveUp)] as $start) {
                yield new Cure(
                    CureKind::MoreHoopings,
                    new Text('setup.cure.divide', [
                        'parts' => $parts,
                        'size' => $this->units->size($facts->design->widthMm, $height, 1),
                        'gap' => $this->units->said($gap),
                    ]),
                    [
                        FactChange::mm(Fact::Height, $height),
                        FactChange::stitches(intdiv($facts->design->stitches, $parts)),
                        FactChange::motifs((new Motifs(array_fill(0, $parts, $part)))->inARow($start, $gap)),
                    ],
                );
            }
        }
    }

    /** @return iterable<Cure> one that is not there: it would have to be bought or borrowed */
    private function otherFrames(): iterable
    {
        $frames = $this->case->frames();
        $facts = $this->case->facts;
        if ($frames === null) {
            return;
        }
        foreach ($this->advice->drivers as $driver) {
            $samples = $facts->item->isNarrowTube() && $driver === Driver::Cylinder
                ? [SampleFrame::along(), SampleFrame::of($driver, $facts->item, $facts->design)]
                : [SampleFrame::of($driver, $facts->item, $facts->design)];
            foreach ($samples as $frame) {
                yield new Cure(
                    CureKind::OtherFrame,
                    new Text('setup.cure.other_frame', [
                        'kind' => $frame->kind->label(),
                        'size' => $this->units->size($frame->window->widthMm, $frame->window->heightMm, 0),
                    ]),
                    [FactChange::frames([...$frames, $frame])],
                );
            }
        }
    }

    /** @return list<Cure> the largest size in whole percent that can be sewn */
    private function smaller(): array
    {
        [$works, $fails] = [self::LEAST_PERCENT, 100];
        if (! $this->works($this->scaled($works))) {
            return [];
        }
        while ($fails - $works > 1) {
            $middle = intdiv($works + $fails, 2);
            if ($this->works($this->scaled($middle))) {
                $works = $middle;
            } else {
                $fails = $middle;
            }
        }
        $design = $this->case->facts->design;

        return [
            new Cure(
                CureKind::SmallerDesign,
                new Text('setup.cure.smaller', [
                    'percent' => 100 - $works,
                    'size' => $this->units->size(($design->widthMm * $works) / 100, ($design->heightMm * $works) / 100, 1),
                ]),
                $this->scaled($works),
            ),
        ];
    }

    /** @return non-empty-list<FactChange> */
    private function scaled(int $percent): array
    {
        $design = $this->case->facts->design;
        $down = static fn(float $mm): float => floor($mm * $percent / 10) / 10;

        $motifs = $this->case->facts->motifs;

        return [
            FactChange::mm(Fact::Width, $down($design->widthMm)),
            FactChange::mm(Fact::Height, $down($design->heightMm)),
            FactChange::stitches((int) ($design->stitches * ($percent / 100) ** 2)),
            ...($motifs === null ? [] : [FactChange::motifs($motifs->scaled($percent))]),
        ];
    }
}
