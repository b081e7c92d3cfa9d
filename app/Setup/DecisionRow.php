<?php

declare(strict_types=1);

namespace App\Setup;

use Hakama\House\Units;
use Hakama\Machine\Driver;
use Hakama\Setup\Advice;
use Hakama\Setup\BlockAdvice;
use Hakama\Setup\Placement\Placement;
use Hakama\Setup\Rules\OtherSchool;
use Hakama\Setup\Rules\SetupTopic;
use Hakama\Setup\Rules\Strength;
use Hakama\Stitch\Turn;

/** One decision as the setup page lists it: what, in few words, and why when it is opened. */
final readonly class DecisionRow
{
    /** @param list<OtherSchool> $others */
    private function __construct(
        public SetupTopic $about,
        public string $label,
        public string $value,
        public string $why,
        public bool $firm,
        public array $others,
    ) {}

    /**
     * @param Placement                $placement on the size that is looked at
     * @param array<int, BlockAdvice>  $blocks    number of a block => what it wants of thread and needle
     * @param float|null               $roundMm   from the front seam of a cap, where the place is not on it
     *
     * @return list<self> in the order of the work
     */
    public static function all(
        Advice $advice,
        Placement $placement,
        array $blocks = [],
        ?float $roundMm = null,
        Units $units = Units::Millimetres,
    ): array {
        $round = $roundMm === null ? '' : ', '.$units->said($roundMm).' round from the front seam';
        $drivers = array_map(static fn(Driver $one): string => $one->value, $advice->drivers);

        return [
            self::of($advice, SetupTopic::Loading, 'To the machine', $advice->loading()->endWords()),
            self::of(
                $advice,
                SetupTopic::Turn,
                'Set on it',
                $advice->turnIsKnown() ? self::turn($advice->turnToSet()) : 'as the machine: choose it above',
            ),
            self::of($advice, SetupTopic::Frame, 'Frame', $advice->fit->frame->id ?? 'none'),
            self::of($advice, SetupTopic::Driver, 'Driver', implode(', else ', $drivers) ?: 'none here'),
            self::of($advice, SetupTopic::Access, 'Way in', str_replace('_', ' ', $advice->access()->value)),
            self::of($advice, SetupTopic::Placement, 'Place', $placement->brief($units).$round),
            self::of(
                $advice,
                SetupTopic::Backing,
                'Backing',
                "{$advice->backing->words()}, {$advice->backingGsm()} g/m²",
            ),
            self::of($advice, SetupTopic::Topper, 'Topper', $advice->topper ? 'film on top' : 'none'),
            self::of(
                $advice,
                SetupTopic::Thread,
                'Thread',
                self::byBlock(
                    "{$advice->threadWeight} weight",
                    array_map(static fn(BlockAdvice $one): string => "{$one->threadWeight} weight", $blocks),
                ),
            ),
            self::of(
                $advice,
                SetupTopic::Needle,
                'Needle',
                self::byBlock(
                    $advice->needle->words(),
                    array_map(static fn(BlockAdvice $one): string => $one->needle->words(), $blocks),
                ),
            ),
            self::of($advice, SetupTopic::Speed, 'Speed', "{$advice->speedSpm} stitches a minute"),
        ];
    }

    public static function turn(Turn $turn): string
    {
        return $turn === Turn::None ? 'no turn' : "turned {$turn->value}°, never mirrored";
    }

    /**
     * "75/11 sharp; 65/9 sharp for block 3 and 4": what most are, and those that are otherwise.
     *
     * @param array<int, string> $blocks number => what it wants
     */
    private static function byBlock(string $whole, array $blocks): string
    {
        $others = [];
        foreach ($blocks as $number => $wants) {
            if ($wants !== $whole) {
                $others[$wants][] = $number;
            }
        }

        return implode('; ', [
            $whole,
            ...array_map(
                static fn(string $wants, array $numbers): string => $wants.' for block '.implode(', ', $numbers),
                array_keys($others),
                $others,
            ),
        ]);
    }

    private static function of(Advice $advice, SetupTopic $about, string $label, string $value): self
    {
        $because = $advice->because($about);

        return new self(
            $about,
            $label,
            $value,
            $about === SetupTopic::Backing ? "{$because->text} {$advice->weightBecause()}" : $because->text,
            $because->strength === Strength::Must,
            array_values(
                array_filter(
                    $advice->otherSchools(),
                    static fn(OtherSchool $other): bool => $other->about === $about->value,
                ),
            ),
        );
    }
}
