<?php

declare(strict_types=1);

namespace Hakama\House;

use Hakama\Lettering\LetterRules;
use Hakama\Machine\HaltRules;
use Hakama\Machine\RunTimeRules;
use Hakama\Picture\PlaceRules;
use Hakama\Stitch\MeasuringRules;
use Hakama\Stitch\Patch\PatchRules;
use Hakama\Thread\ThreadUseRules;

/** The shop's own figures: the defaults, and what the shop set instead. */
final readonly class HouseRules
{
    /**
     * @param array<string, float>  $set     rule => value
     * @param array<string, string> $schools question => school
     */
    private function __construct(private array $set, private array $schools) {}

    /**
     * @param array<string, float>  $set     rule => value, only what differs from the default
     * @param array<string, string> $schools question => school, the same
     *
     * @throws UnfitRule
     */
    public static function of(array $set = [], array $schools = []): self
    {
        foreach ($schools as $question => $school) {
            if (! (Question::tryFrom($question)?->offers($school) ?? false)) {
                throw UnfitRule::school($question, $school);
            }
        }
        foreach ($set as $name => $value) {
            $rule = HouseRule::from($name);
            if ($value < RuleSpec::of($rule)->least || $value > RuleSpec::of($rule)->most) {
                throw UnfitRule::outside($rule, $value);
            }
        }
        $rules = new self($set, $schools);
        $day = array_map($rules->value(...), [
            HouseRule::DayStarts,
            HouseRule::BreakStarts,
            HouseRule::BreakEnds,
            HouseRule::DayEnds,
        ]);
        if ($day[0] >= $day[1] || $day[1] > $day[2] || $day[2] >= $day[3]) {
            throw UnfitRule::day();
        }

        return $rules;
    }

    /**
     * The same with some figures and schools changed; what is as it is by default is not set.
     *
     * @param array<string, float>  $figures rule => value
     * @param array<string, string> $schools question => school
     *
     * @throws UnfitRule
     */
    public function with(array $figures, array $schools = []): self
    {
        return self::of(
            array_filter(
                [...$this->set, ...$figures],
                static fn(float $value, string $rule): bool => $value !== RuleSpec::of(HouseRule::from($rule))->default,
                ARRAY_FILTER_USE_BOTH,
            ),
            [...$this->schools, ...$schools],
        );
    }

    /** @return list<HouseRule> that have another value than those other rules */
    public function differingFrom(self $other): array
    {
        return array_values(
            array_filter(HouseRule::cases(), fn(HouseRule $rule): bool => $this->value($rule) !== $other->value($rule)),
        );
    }

    public function value(HouseRule $rule): float
    {
        return $this->set[$rule->value] ?? RuleSpec::of($rule)->default;
    }

    public function school(Question $question): string
    {
        return $this->schools[$question->value] ?? $question->usual();
    }

    /** Whether cloth is cut to its shape before it is laid, instead of trimmed in the frame. */
    public function isPreCut(): bool
    {
        return $this->school(Question::Applique) === 'pre_cut';
    }

    public function isSet(HouseRule $rule): bool
    {
        return isset($this->set[$rule->value]) && abs($this->set[$rule->value] - RuleSpec::of($rule)->default) > 1e-12;
    }

    public function measuring(): MeasuringRules
    {
        return new MeasuringRules(
            trimJumps: (int) $this->value(HouseRule::TrimJumps),
            shortMm: $this->value(HouseRule::ShortStitch),
            shortShare: $this->value(HouseRule::ShortShare) / 100,
            longMm: $this->value(HouseRule::LongStitch),
            densePerMm2: (int) $this->value(HouseRule::DenseStitches),
            longJumpMm: $this->value(HouseRule::LongJump),
        );
    }

    public function letters(): LetterRules
    {
        return new LetterRules(
            $this->value(HouseRule::LetterPull),
            $this->value(HouseRule::LetterRow),
            $this->value(HouseRule::LetterTrim),
            $this->value(HouseRule::LetterNarrowest) / 100,
            $this->value(HouseRule::BlockLeast),
            $this->value(HouseRule::ScriptLeast),
            $this->value(HouseRule::SmallLeast),
        );
    }

    public function patches(): PatchRules
    {
        return new PatchRules($this->value(HouseRule::PatchFilled) / 100, $this->value(HouseRule::PatchBorder));
    }

    public function halts(): HaltRules
    {
        return new HaltRules(
            $this->value(HouseRule::HandStopTime),
            $this->value(HouseRule::TrimClothTime),
            $this->value(HouseRule::TrimClothSpeed),
            [
                'lay_cloth' => $this->value(HouseRule::LayTime),
                'add_topper' => $this->value(HouseRule::FilmTime),
                'add_backing' => $this->value(HouseRule::AddBackingTime),
                'turn_over' => $this->value(HouseRule::TurnOverTime),
                'press' => $this->value(HouseRule::PressTime),
                'brush_lint' => $this->value(HouseRule::LintTime),
            ],
        );
    }

    public function place(): PlaceRules
    {
        return new PlaceRules(
            $this->value(HouseRule::PlaceLeaveTurn),
            $this->value(HouseRule::PlaceHoopAgain),
            $this->value(HouseRule::PlaceLeave),
        );
    }

    public function threadUse(): ThreadUseRules
    {
        return new ThreadUseRules(
            $this->value(HouseRule::TopPerLength),
            $this->value(HouseRule::TopPerStitch),
            $this->value(HouseRule::BobbinPerLength),
            $this->value(HouseRule::BobbinPerStitch),
            $this->value(HouseRule::ThreadWaste) / 100,
        );
    }

    public function runTime(): RunTimeRules
    {
        return new RunTimeRules(
            changeS: $this->value(HouseRule::ChangeTime),
            trimS: $this->value(HouseRule::TrimTime),
            rampS: $this->value(HouseRule::RampTime),
            breaksPer1000: $this->value(HouseRule::BreakRate),
            breakS: $this->value(HouseRule::BreakTime),
        );
    }
}
