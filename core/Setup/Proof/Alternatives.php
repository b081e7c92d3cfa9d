<?php

declare(strict_types=1);

namespace Hakama\Setup\Proof;

use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Position;
use Hakama\Garment\Profile;
use Hakama\Garment\Stretch;
use Hakama\Garment\Structure;
use Hakama\Garment\Thickness;
use Hakama\House\HouseRule;
use Hakama\House\Question;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameSpec;
use Hakama\Setup\Facts\Fact;
use Hakama\Setup\Outcome;
use Hakama\Setup\Rules\SetupTopic;

/** What a fact might be instead, those first that turn most decisions. */
final class Alternatives
{
    private const FABRICS = [
        Fabric::Twill, Fabric::Jersey, Fabric::Canvas, Fabric::TechnicalKnit, Fabric::Plush, Fabric::Pique,
        Fabric::Felt, Fabric::Denim, Fabric::Fleece, Fabric::RibKnit, Fabric::Quilted, Fabric::Leather,
    ];

    private const GARMENTS = [
        Garment::Polo, Garment::Towel, Garment::Cap, Garment::Trousers, Garment::Jacket, Garment::Hoodie,
        Garment::PaddedJacket, Garment::KnitHat, Garment::Stocking, Garment::Glove, Garment::Bag, Garment::Patch,
        Garment::Sleeve, Garment::Tee, Garment::Apron, Garment::Blanket, Garment::Pocket, Garment::Other,
    ];

    private const POSITIONS = [
        Position::Centre, Position::LeftChest, Position::FullFront, Position::FullBack, Position::Sleeve, Position::Leg,
        Position::Cuff, Position::CapFront, Position::CapSide, Position::CapBack, Position::Corner, Position::Pocket,
    ];

    /**
     * What turns a topic most often; tried before anything else.
     *
     * @return iterable<list<FactChange>>
     */
    public static function likely(SetupTopic $about, SetupCase $case, Outcome $now): iterable
    {
        if ($about === SetupTopic::Driver) {
            foreach (self::drivers($case, $now) as $change) {
                yield [$change];
            }
        }
        if ($about === SetupTopic::Access) {
            yield [FactChange::position($case->facts->item->isNarrowTube() ? Position::Centre : Position::Sleeve)];
            yield [FactChange::garment(Garment::Trousers), FactChange::position(Position::Leg)];
        }
        if ($about === SetupTopic::Hoopings) {
            $height = $case->facts->design->heightMm;
            yield [FactChange::mm(Fact::Height, $now->decided->hoopings() > 1 ? 20.0 : max(400.0, 4 * $height))];
            yield [
                FactChange::garment(Garment::Sleeve),
                FactChange::position(Position::Sleeve),
                FactChange::mm(Fact::Height, 200.0),
                FactChange::drivers([Driver::Cylinder]),
                FactChange::frames([SampleFrame::along()]),
            ];
        }
    }

    /** @return iterable<FactChange> */
    public static function of(Fact $fact, SetupCase $case, Outcome $now): iterable
    {
        [$facts, $house] = [$case->facts, $case->house];
        $design = $facts->design;
        $area = ($design->widthMm * $design->heightMm) / 100;

        return match ($fact) {
            Fact::Garment => self::others(self::GARMENTS, $facts->item->garment, FactChange::garment(...)),
            Fact::Position => self::others(self::POSITIONS, $facts->item->position, FactChange::position(...)),
            Fact::Fabric => self::others(self::FABRICS, $facts->item->cloth->fabric, FactChange::fabric(...)),
            Fact::Structure => self::others(
                [Structure::Structured, Structure::Unstructured],
                $facts->item->structure,
                FactChange::structure(...),
            ),
            Fact::Profile => self::others(
                [Profile::Low, Profile::Mid, Profile::High],
                $facts->item->profile,
                FactChange::profile(...),
            ),
            Fact::Stretch => self::others(
                [Stretch::None, Stretch::Low, Stretch::High],
                $facts->item->cloth->stretch,
                FactChange::stretch(...),
            ),
            Fact::Thickness => self::others(
                [Thickness::Medium, Thickness::Heavy, Thickness::Light],
                $facts->item->cloth->thickness,
                FactChange::thickness(...),
            ),
            Fact::Pale => [FactChange::pale($facts->item->cloth->pale !== true)],
            Fact::Stitches => [
                FactChange::stitches(1),
                FactChange::stitches((int) ceil($area * $house->value(HouseRule::Dense)) + 100),
            ],
            Fact::SmallestLetter => [
                FactChange::mm($fact, 20.0),
                FactChange::mm($fact, max(0.1, $house->value(HouseRule::SmallLetter) - 0.5)),
            ],
            Fact::AppliedStops => [FactChange::appliedStops($design->applied->stops > 0 ? 0 : 2)],
            Fact::Width => self::scaled($fact, $design->widthMm),
            Fact::Height => self::scaled($fact, $design->heightMm),
            Fact::Neck => [
                FactChange::mm($fact, min(2000.0, $design->widthMm + ($facts->machine->armWidthMm ?? 0.0) + 50)),
                FactChange::mm($fact, 20.0),
            ],
            Fact::TurnsCaps => [
                FactChange::turnsCaps($facts->machine->turnsCapsItself === false),
                FactChange::turnsCaps($facts->machine->turnsCapsItself !== false),
            ],
            Fact::Drivers => self::drivers($case, $now),
            Fact::Frames => self::frames($case, $now),
            Fact::Place => [
                FactChange::placed($now->decided->placement->downMm + 10, $now->decided->placement->acrossMm),
                FactChange::placed($now->decided->placement->downMm - 10, $now->decided->placement->acrossMm + 5),
            ],
            Fact::HouseRules => self::schools($case),
            default => [],
        };
    }

    /**
     * @template T
     *
     * @param list<T>                  $all
     * @param T|null                   $now
     * @param callable(T): FactChange $change
     *
     * @return iterable<FactChange>
     */
    private static function others(array $all, mixed $now, callable $change): iterable
    {
        foreach ($all as $one) {
            if ($one !== $now) {
                yield $change($one);
            }
        }
    }

    /** @return iterable<FactChange> */
    private static function scaled(Fact $fact, float $mm): iterable
    {
        foreach ([0.25, 0.5, 1.5, 2.5, 4.0, 8.0] as $times) {
            yield FactChange::mm($fact, max(1.0, min(4000.0, $mm * $times)));
        }
    }

    /** @return iterable<FactChange> without the one it is carried by, with all, with one alone */
    private static function drivers(SetupCase $case, Outcome $now): iterable
    {
        $has = $case->facts->machine->drivers;
        $used = $now->decided->fit->frame->driver ?? ($now->decided->drivers[0] ?? null);
        $without = array_values(array_filter($has, static fn(Driver $one): bool => $one !== $used));
        if (count($without) < count($has)) {
            yield FactChange::drivers($without);
        }
        yield FactChange::drivers(Driver::cases());
        foreach (Driver::cases() as $one) {
            yield FactChange::drivers([$one]);
        }
    }

    /** @return iterable<FactChange> without the one that was chosen */
    private static function frames(SetupCase $case, Outcome $now): iterable
    {
        $used = $now->decided->fit?->frame->id;
        if ($case->frames() !== null && $used !== null) {
            yield FactChange::frames(
                array_values(
                    array_filter($case->frames(), static fn(FrameSpec $one): bool => $one->id !== $used),
                ),
            );
        }
        if ($used === null) {
            $driver = $now->decided->drivers[0] ?? Driver::Flat;
            yield FactChange::frames([
                ...$case->frames() ?? [],
                SampleFrame::of($driver, $case->facts->item, $case->facts->design),
            ]);
        }
    }

    /** @return iterable<FactChange> */
    private static function schools(SetupCase $case): iterable
    {
        foreach ([
            Question::CapBacking, Question::KnitNeedle, Question::JacketBacking, Question::AppliqueBacking,
            Question::BillGap, Question::Orientation,
        ] as $question) {
            foreach ($question->schools() as $school) {
                if ($case->house->school($question) !== $school->value) {
                    yield FactChange::school($question->value, $school->value);
                }
            }
        }
    }
}
