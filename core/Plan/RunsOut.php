<?php

declare(strict_types=1);

namespace Hakama\Plan;

/** What is used up batch by batch and will not be enough: how much is missing in all, and for which batch first. */
final readonly class RunsOut
{
    /** @param int|null $wanted seconds; null where that is not planned yet */
    private function __construct(public float $missing, public string $for, public ?int $wanted) {}

    /**
     * @param list<array{string, int|null, float}> $uses batch, when it begins and how much it takes; what is not planned
     *     comes last
     *
     * @return self|null null where it is enough for all
     */
    public static function of(float $there, array $uses): ?self
    {
        usort($uses, static fn(array $a, array $b): int => [$a[1] ?? PHP_INT_MAX, $a[0]] <=> [$b[1] ?? PHP_INT_MAX, $b[0]]);
        $left = $there;
        $first = null;
        foreach ($uses as [$batch, $at, $takes]) {
            $left -= $takes;
            if ($left < -1e-9) {
                $first ??= [$batch, $at];
            }
        }

        return $first === null ? null : new self(-$left, ...$first);
    }
}
