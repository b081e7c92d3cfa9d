<?php

declare(strict_types=1);

namespace Hakama\Setup\Rules;

use Hakama\House\HouseRules;
use Hakama\Machine\NeedleType;
use Hakama\Setup\Backing\Layers;
use Hakama\Setup\Facts\Facts;
use Hakama\Setup\Loading\Loading;
use Hakama\Setup\Placement\Placement;

/**
 * One thing that is decided: what, by which rule, and what another school would have said of the same case.
 *
 * @template-covariant T
 */
final readonly class Decision
{
    /**
     * @param T                 $value
     * @param list<OtherSchool> $others
     */
    private function __construct(
        public SetupTopic $about,
        public mixed $value,
        public Reason $because,
        public array $others,
    ) {}

    /**
     * The first rule that applies and is of the house's school holds; the last always applies.
     *
     * @template V
     *
     * @param non-empty-list<Rule<V>> $rules
     *
     * @return self<V>
     */
    public static function by(array $rules, Facts $facts, HouseRules $house): self
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
        $value = ($found->says)($house, $facts);
        // Where the schools come to the same, there is nothing to show.
        $others = array_filter(
            $passed,
            static fn(Rule $rule): bool => ! self::same(($rule->says)($house, $facts), $value),
        );

        return new self(
            $found->about,
            $value,
            new Reason($found->about, $found->name, $found->text(), $found->strength, $found->facts),
            array_values(
                array_map(
                    static fn(Rule $rule): OtherSchool => new OtherSchool(
                        $rule->about->value,
                        $rule->name,
                        $rule->text(),
                    ),
                    $others,
                ),
            ),
        );
    }

    private static function same(mixed $one, mixed $other): bool
    {
        return match (true) {
            $one instanceof Layers && $other instanceof Layers => $one->equals($other),
            $one instanceof NeedleType && $other instanceof NeedleType => $one->equals($other),
            $one instanceof Loading && $other instanceof Loading => $one->equals($other),
            is_array($one) && is_array($other) => self::sameList($one, $other),
            $one instanceof Placement && $other instanceof Placement => $one->equals($other),
            default => $one === $other,
        };
    }

    /**
     * @param array<mixed> $one
     * @param array<mixed> $other
     */
    private static function sameList(array $one, array $other): bool
    {
        foreach ($one as $i => $value) {
            if (! self::same($value, $other[$i] ?? null)) {
                return false;
            }
        }

        return count($one) === count($other);
    }
}
