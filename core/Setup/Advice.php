<?php

declare(strict_types=1);

namespace Hakama\Setup;

use Hakama\Garment\Garment;
use Hakama\Garment\Profile;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Machine\Driver;
use Hakama\Stitch\Turn;

/** How to set up one decoration, every value with its reason. */
final readonly class Advice
{
    /**
     * @param list<Driver>                  $drivers  those that would do, best first
     * @param list<Turn>                    $turns    the ways round that would do, best first
     * @param non-empty-array<string, Because> $because by what it is about
     * @param list<Warning>                 $warnings
     */
    private function __construct(
        public array $drivers,
        public array $turns,
        public Layers $backing,
        public bool $topper,
        public NeedleChoice $needle,
        public int $speedSpm,
        public array $because,
        public array $warnings,
    ) {}

    public static function of(Facts $facts, HouseRules $house): self
    {
        $because = [];
        $drivers = self::first(RuleTable::drivers(), $facts, $house, $because);
        $turns = self::first(RuleTable::turns(), $facts, $house, $because);
        $backing = self::first(RuleTable::backings(), $facts, $house, $because);
        $topper = self::first(RuleTable::toppers(), $facts, $house, $because);
        $needle = self::first(RuleTable::needles(), $facts, $house, $because);
        $speed = self::first(RuleTable::speeds(), $facts, $house, $because);

        return new self(
            array_values(array_filter($drivers, static fn(Driver $driver): bool => in_array($driver, $facts->drivers, true))),
            $turns,
            $backing,
            $topper,
            $needle,
            $speed,
            $because,
            [...self::capHeight($facts, $house), ...self::driverMissing($facts, $drivers)],
        );
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

    /**
     * @template T
     *
     * @param non-empty-list<Rule<T>> $rules
     * @param array<string, Because>  $because
     *
     * @param-out non-empty-array<string, Because> $because
     *
     * @return T
     */
    private static function first(array $rules, Facts $facts, HouseRules $house, array &$because): mixed
    {
        $found = $rules[count($rules) - 1];
        foreach ($rules as $rule) {
            if (($rule->applies)($facts, $house)) {
                $found = $rule;
                break;
            }
        }
        $because[$found->about->value] = new Because($found->about, $found->name, $found->text);

        return ($found->says)($house);
    }

    /** @return list<Warning> */
    private static function capHeight(Facts $facts, HouseRules $house): array
    {
        $limit = match ($facts->profile) {
            Profile::Low => $house->value(HouseRule::CapLow),
            Profile::Mid => $house->value(HouseRule::CapMid),
            Profile::High => $house->value(HouseRule::CapHigh),
            Profile::None => null,
        };
        if ($facts->garment !== Garment::Cap || $limit === null || $facts->heightMm <= $limit) {
            return [];
        }

        return [new Warning('too_tall_for_profile', sprintf(
            'The design is %.1f mm high and a %s cap takes %.0f. Ask for a version at most %.0f mm high, or a higher cap.',
            $facts->heightMm,
            $facts->profile->value,
            $limit,
            $limit,
        ), true)];
    }

    /**
     * @param list<Driver> $wanted
     *
     * @return list<Warning>
     */
    private static function driverMissing(Facts $facts, array $wanted): array
    {
        foreach ($wanted as $driver) {
            if (in_array($driver, $facts->drivers, true)) {
                return [];
            }
        }

        return [new Warning('driver_missing', sprintf('No machine here has the %s driver this needs. Send it out, or change the garment.', $wanted[0]->value ?? ''), true)];
    }
}
