<?php

declare(strict_types=1);

namespace Hakama\Setup;

use Hakama\Garment\Panel;
use Hakama\Garment\Shape;
use Hakama\Garment\Size;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Machine\Driver;
use Hakama\Machine\Frame;
use Hakama\Machine\NeedleType;
use Hakama\Setup\Backing\Layers;
use Hakama\Setup\Facts\Facts;
use Hakama\Setup\Fit\Fit;
use Hakama\Setup\Fit\Fitting;
use Hakama\Setup\Fit\FrameRanking;
use Hakama\Setup\Fit\RankedFrame;
use Hakama\Setup\Placement\MarkedPlacement;
use Hakama\Setup\Placement\Placement;
use Hakama\Setup\Rules\Because;
use Hakama\Setup\Rules\CautionTable;
use Hakama\Setup\Rules\Choice;
use Hakama\Setup\Rules\Decided;
use Hakama\Setup\Rules\Note;
use Hakama\Setup\Rules\NoteRule;
use Hakama\Setup\Rules\OtherSchool;
use Hakama\Setup\Rules\PlacementTable;
use Hakama\Setup\Rules\Rule;
use Hakama\Setup\Rules\RuleTable;
use Hakama\Setup\Rules\StepTable;
use Hakama\Setup\Rules\Warning;
use Hakama\Setup\Rules\WarningTable;
use Hakama\Stitch\ConvexHull;
use Hakama\Stitch\Point;
use Hakama\Stitch\Turn;

/** How to set up one decoration, every value with its reason, and what another school would have said. */
final readonly class Advice
{
    /**
     * @param list<Driver>                     $drivers  those that would do and that there are, best first
     * @param non-empty-list<Turn>             $turns    the ways round that would do, best first
     * @param MarkedPlacement|null                      $marked   on the garment, where its measures are known
     * @param list<RankedFrame>                $ranked   where frames were given, best first
     * @param Fit|null                         $fit      in the best of them
     * @param non-empty-array<string, Because> $because  by what it is about
     * @param list<OtherSchool>                $otherSchools
     * @param list<Warning>                    $warnings
     * @param list<Note>                       $steps    in order
     * @param list<Note>                       $cautions
     */
    private function __construct(
        public array $drivers,
        public array $turns,
        public Layers $backing,
        public bool $topper,
        public int $threadWeight,
        public NeedleType $needle,
        public int $speedSpm,
        public Placement $placement,
        public ?MarkedPlacement $marked,
        public array $ranked,
        public ?Fit $fit,
        public array $because,
        public array $otherSchools,
        public array $warnings,
        public array $steps,
        public array $cautions,
        private Decided $decided,
    ) {}

    /**
     * @param list<Frame>|Fitting|null $frames to choose among; null when that is not asked. A list is tried with the
     *     design's box
     */
    public static function of(
        Facts $facts,
        HouseRules $house,
        array|Fitting|null $frames = null,
        ?Frame $mounted = null,
    ): self {
        $fitting = is_array($frames)
            ? Fitting::of(self::box($facts), $frames, $house->value(HouseRule::Margin))
            : $frames;
        $because = $others = [];
        $wanted = self::first(RuleTable::drivers(), $facts, $house, $because, $others);
        $turns = self::first(RuleTable::turns(), $facts, $house, $because, $others);
        $backing = self::first(RuleTable::backings(), $facts, $house, $because, $others);
        $topper = self::first(RuleTable::toppers(), $facts, $house, $because, $others);
        $weight = self::first(RuleTable::threads(), $facts, $house, $because, $others);
        $needle = self::first(RuleTable::needles(), $facts, $house, $because, $others);
        $speed = self::first(RuleTable::speeds(), $facts, $house, $because, $others);
        $placement = self::first(PlacementTable::all(), $facts, $house, $because, $others);
        $drivers = array_values(
            array_filter($wanted, static fn(Driver $driver): bool => in_array($driver, $facts->drivers, true)),
        );
        $ranked =
            $fitting === null
                ? []
                : FrameRanking::of(
                    $fitting,
                    $drivers,
                    $turns,
                    $mounted,
                    $facts->openingMm($drivers[0] ?? Driver::Flat),
                );
        $fit = $ranked[0]->fit ?? null;
        $marked = self::marked($facts, $placement, $fitting->hull ?? self::box($facts));
        $decided = new Decided(
            $facts,
            $house,
            $wanted,
            $drivers,
            $turns,
            $backing,
            $topper,
            $speed,
            $placement,
            $marked,
            $ranked[0] ?? null,
            $fitting !== null,
        );

        return new self(
            $drivers,
            $turns,
            $backing,
            $topper,
            $weight,
            $needle,
            $speed,
            $placement,
            $marked,
            $ranked,
            $fit,
            $because,
            $others,
            self::warnings($decided),
            self::notes(StepTable::all(), $decided),
            self::notes(CautionTable::all(), $decided),
            $decided,
        );
    }

    /** All as advised, in this frame and this way round. */
    public function choice(Fit $fit): Choice
    {
        return new Choice($fit, $this->backing, $this->topper, $this->needle, $this->speedSpm);
    }

    /** The same advice, with what is to be minded and done for what a person chose. */
    public function taking(Choice $choice): self
    {
        $decided = $this->decided->choosing($choice);

        return new self(
            $this->drivers,
            $this->turns,
            $this->backing,
            $this->topper,
            $this->threadWeight,
            $this->needle,
            $this->speedSpm,
            $this->placement,
            $this->marked,
            $this->ranked,
            $choice->fit,
            $this->because,
            $this->otherSchools,
            self::warnings($decided),
            self::notes(StepTable::all(), $decided),
            self::notes(CautionTable::all(), $decided),
            $decided,
        );
    }

    /** @return list<Departure> what of a choice differs from what is advised */
    public function departures(Choice $choice): array
    {
        $fit = $choice->fit;
        $degrees = static fn(Turn $turn): string => $turn->value.'°';
        $found = [];
        if ($this->stops() || ! $fit->fits()) {
            $found[] = new Departure(
                'frame',
                $this->stops() ? 'not to be sewn as asked' : 'a frame that holds it',
                $fit->frame->id,
            );
        }
        if (! in_array($fit->frame->driver, $this->drivers, true)) {
            $found[] = new Departure(
                'driver',
                $this->drivers === []
                    ? 'none here'
                    : implode(' or ', array_map(static fn(Driver $driver): string => $driver->value, $this->drivers)),
                $fit->frame->driver->value,
            );
        }
        if (! in_array($fit->turn, $this->turns, true)) {
            $found[] = new Departure(
                'turn',
                implode(' or ', array_map($degrees, $this->turns)),
                $degrees($fit->turn),
            );
        }
        foreach (
            [
                ['backing', $this->backing->words(), $choice->backing->words()],
                ['topper', self::film($this->topper), self::film($choice->topper)],
                ['needle', $this->needle->words(), $choice->needle->words()],
                ['speed', "{$this->speedSpm} spm", "{$choice->speedSpm} spm"],
            ] as [$about, $advised, $chosen]
        ) {
            if ($advised !== $chosen) {
                $found[] = new Departure($about, $advised, $chosen);
            }
        }

        return $found;
    }

    private static function film(bool $topper): string
    {
        return $topper ? 'film on top' : 'no film';
    }

    public function stops(): bool
    {
        return array_filter($this->warnings, static fn(Warning $warning): bool => $warning->stops) !== [];
    }

    /** go, warn or stop. */
    public function verdict(): string
    {
        return match (true) {
            $this->stops() => 'stop',
            $this->warnings !== [] => 'warn',
            default => 'go',
        };
    }

    /**
     * @template T
     *
     * @param non-empty-list<Rule<T>> $rules
     * @param array<string, Because>  $because
     * @param list<OtherSchool>       $others
     *
     * @param-out non-empty-array<string, Because> $because
     * @param-out list<OtherSchool>                $others
     *
     * @return T
     */
    private static function first(
        array $rules,
        Facts $facts,
        HouseRules $house,
        array &$because,
        array &$others,
    ): mixed {
        $found = null;
        $passed = [];
        foreach ($rules as $rule) {
            if (! ($rule->applies)($facts, $house)) {
                continue;
            }
            if ($rule->isFollowed($house)) {
                $found ??= $rule;
            } elseif ($found === null || $found->question === $rule->question) {
                // Before the one that holds, or beside it: what another school says of the same case.
                $passed[] = $rule;
            }
        }
        $found ??= $rules[count($rules) - 1];
        $says = ($found->says)($house, $facts);
        foreach ($passed as $rule) {
            // By value: in this case the schools agree, and there is nothing to show.
            if (serialize(($rule->says)($house, $facts)) === serialize($says)) {
                continue;
            }
            $others[] = new OtherSchool($rule->about->value, $rule->name, $rule->text);
        }
        $because[$found->about->value] = new Because($found->about, $found->name, $found->text, $found->strength);

        return $says;
    }

    /** @return list<Warning> */
    private static function warnings(Decided $decided): array
    {
        $warnings = [];
        foreach (WarningTable::all() as $rule) {
            $text = ($rule->says)($decided);
            if ($text !== null) {
                $warnings[] = new Warning($rule->code, $text, $rule->stops);
            }
        }

        return $warnings;
    }

    /**
     * @param list<NoteRule> $rules
     *
     * @return list<Note>
     */
    private static function notes(array $rules, Decided $decided): array
    {
        $notes = [];
        foreach ($rules as $rule) {
            if ($rule->appliesTo($decided)) {
                $notes[] = new Note(
                    $rule->code,
                    $rule->says === null ? $rule->text : ($rule->says)($decided),
                    $rule->stage,
                );
            }
        }

        return $notes;
    }

    /** Nothing is drawn or concluded of a garment that nobody has measured. */
    private static function marked(Facts $facts, Placement $placement, ConvexHull $hull): ?MarkedPlacement
    {
        return $facts->measures->mm(Panel::of($facts->garment, $facts->position)->width()) === null
            ? null
            : MarkedPlacement::on(
                Shape::of($facts->garment, $facts->position, $facts->measures, $facts->size ?? Size::M),
                $placement,
                $hull,
            );
    }

    private static function box(Facts $facts): ConvexHull
    {
        return ConvexHull::of([
            new Point(0, 0),
            new Point($facts->widthMm, 0),
            new Point($facts->widthMm, $facts->heightMm),
            new Point(0, $facts->heightMm),
        ]);
    }
}
