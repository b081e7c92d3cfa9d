<?php

declare(strict_types=1);

namespace App\Setup;

use App\Foundation\Words\Words;
use Hakama\House\Units;
use Hakama\Machine\Driver;
use Hakama\Setup\Advice;
use Hakama\Setup\BlockAdvice;
use Hakama\Setup\Placement\Placement;
use Hakama\Setup\Rules\OtherSchool;
use Hakama\Setup\Rules\SetupTopic;
use Hakama\Setup\Rules\Strength;
use Hakama\Stitch\Turn;
use Hakama\Words\Texts;

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
        $round = $roundMm === null ? '' : __('setup.decision_row.around_from_the_front_seam', [
            'round_mm' => $units->said($roundMm),
        ]);
        $drivers = array_map(static fn(Driver $one): string => Words::say($one->label()), $advice->drivers);

        return [
            self::of(
                $advice,
                SetupTopic::Loading,
                __('setup.decision_row.loads_first'),
                Words::say($advice->loading()->endWords()),
            ),
            self::of(
                $advice,
                SetupTopic::Turn,
                __('setup.decision_row.rotate_on_the_machine'),
                $advice->turnIsKnown() ? self::turn($advice->turnToSet()) : __('setup.decision_row.pick_a_machine_first'),
            ),
            self::of($advice, SetupTopic::Frame, __('setup.decision_row.frame'), $advice->fit->frame->id ?? __('setup.decision_row.none')),
            self::of(
                $advice,
                SetupTopic::Driver,
                __('setup.decision_row.driver'),
                self::oneOf($drivers),
            ),
            self::of(
                $advice,
                SetupTopic::Access,
                __('setup.decision_row.access'),
                Words::say($advice->access()->label()),
            ),
            self::of(
                $advice,
                SetupTopic::Placement,
                __('setup.decision_row.position'),
                Words::say($placement->brief($units)).$round,
            ),
            self::of(
                $advice,
                SetupTopic::Backing,
                __('setup.decision_row.backing'),
                __('setup.decision_row.backing_of', [
                    'backing' => Words::say($advice->backing->words()),
                    'gsm' => $advice->backingGsm(),
                ]),
            ),
            self::of(
                $advice,
                SetupTopic::Topper,
                __('setup.decision_row.topper'),
                $advice->topper ? __('setup.decision_row.film_on_top') : __('setup.decision_row.none'),
            ),
            self::of(
                $advice,
                SetupTopic::Thread,
                __('setup.decision_row.thread'),
                self::byBlock(
                    __('setup.decision_row.weight', ['weight' => $advice->threadWeight]),
                    array_map(static fn(BlockAdvice $one): string => __('setup.decision_row.weight', ['weight' => $one->threadWeight]), $blocks),
                ),
            ),
            self::of(
                $advice,
                SetupTopic::Needle,
                __('setup.decision_row.needle'),
                self::byBlock(
                    Words::say($advice->needle->label()),
                    array_map(static fn(BlockAdvice $one): string => Words::say($one->needle->label()), $blocks),
                ),
            ),
            self::of($advice, SetupTopic::Speed, __('setup.decision_row.speed'), __('setup.decision_row.spm', [
                'speed_spm' => $advice->speedSpm,
            ])),
        ];
    }

    /** @param list<string> $drivers the best one first */
    private static function oneOf(array $drivers): string
    {
        $first = array_shift($drivers);

        return match (true) {
            $first === null => __('setup.decision_row.none_here'),
            $drivers === [] => $first,
            default => __('setup.decision_row.else', ['first' => $first, 'others' => self::oneOf($drivers)]),
        };
    }

    public static function turn(Turn $turn): string
    {
        return $turn === Turn::None ? __('setup.decision_row.no_turn') : __('setup.decision_row.turned_never_mirrored', [
            'value' => $turn->value,
        ]);
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
                static fn(string $wants, array $numbers): string => __('setup.decision_row.for_block', [
                    'wants' => $wants,
                    'value' => implode(', ', $numbers),
                ]),
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
            Words::say(
                $about === SetupTopic::Backing
                    ? Texts::sentences($because->text, $advice->weightBecause())
                    : $because->text,
            ),
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
