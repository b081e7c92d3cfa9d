<?php

declare(strict_types=1);

namespace Hakama\Setup;

use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Machine\Driver;
use Hakama\Machine\Frame;
use Hakama\Stitch\ConvexHull;
use Hakama\Stitch\Point;
use Hakama\Stitch\Turn;

/** How to set up one decoration, every value with its reason, and what another school would have said. */
final readonly class Advice
{
    /**
     * @param list<Driver>                     $drivers  those that would do and that there are, best first
     * @param non-empty-list<Turn>             $turns    the ways round that would do, best first
     * @param Fit|null                         $fit      in the best frame, where frames were given
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
        public NeedleChoice $needle,
        public int $speedSpm,
        public Place $place,
        public ?Fit $fit,
        public array $because,
        public array $otherSchools,
        public array $warnings,
        public array $steps,
        public array $cautions,
    ) {}

    /**
     * @param list<Frame>|null $frames  to choose among; null when that is not asked
     * @param ConvexHull|null  $hull    of the design; its box when it is not known better
     */
    public static function of(Facts $facts, HouseRules $house, ?array $frames = null, ?ConvexHull $hull = null, ?Frame $mounted = null): self
    {
        $because = $others = [];
        $wanted = self::first(RuleTable::drivers(), $facts, $house, $because, $others);
        $turns = self::first(RuleTable::turns(), $facts, $house, $because, $others);
        $backing = self::first(RuleTable::backings(), $facts, $house, $because, $others);
        $topper = self::first(RuleTable::toppers(), $facts, $house, $because, $others);
        $weight = self::first(RuleTable::threads(), $facts, $house, $because, $others);
        $needle = self::first(RuleTable::needles(), $facts, $house, $because, $others);
        $speed = self::first(RuleTable::speeds(), $facts, $house, $because, $others);
        $place = self::first(RuleTable::places(), $facts, $house, $because, $others);
        $drivers = array_values(array_filter($wanted, static fn(Driver $driver): bool => in_array($driver, $facts->drivers, true)));
        $fit = $frames === null ? null : FrameRanking::of($hull ?? self::box($facts), $frames, $drivers, $turns, $mounted, $house->value(HouseRule::Margin))[0]->fit ?? null;
        $decided = new Decided($facts, $house, $wanted, $drivers, $turns, $backing, $topper, $speed, $fit, $frames !== null);

        return new self($drivers, $turns, $backing, $topper, $weight, $needle, $speed, $place, $fit, $because, $others, self::warnings($decided), self::notes(StepTable::all(), $decided), self::notes(CautionTable::all(), $decided));
    }

    /** Whether a choice differs from what is advised, so that it wants a reason to be kept with it. */
    public function isAgainst(Fit $fit): bool
    {
        return $this->stops()
            || ! $fit->fits()
            || ! in_array($fit->turn, $this->turns, true)
            || ! in_array($fit->frame->driver, $this->drivers, true);
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
    private static function first(array $rules, Facts $facts, HouseRules $house, array &$because, array &$others): mixed
    {
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
        $because[$found->about->value] = new Because($found->about, $found->name, $found->text);

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
            if (($rule->applies)($decided)) {
                $notes[] = new Note($rule->code, $rule->text);
            }
        }

        return $notes;
    }

    private static function box(Facts $facts): ConvexHull
    {
        return ConvexHull::of([new Point(0, 0), new Point($facts->widthMm, 0), new Point($facts->widthMm, $facts->heightMm), new Point(0, $facts->heightMm)]);
    }
}
