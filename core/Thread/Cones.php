<?php

declare(strict_types=1);

namespace Hakama\Thread;

/** The cones of one thread, sewn from in their order. */
final readonly class Cones
{
    /**
     * What is left on each when so much has been sewn: the first that has any is used up before the next is
     * begun. A cone never holds less than nothing; what was sewn beyond that says that it was measured wrong.
     *
     * @param array<int, float> $metresLeft cone => metres
     *
     * @return array<int, float>
     */
    public static function sewnFrom(array $metresLeft, float $metres): array
    {
        foreach ($metresLeft as $cone => $left) {
            $taken = min($left, $metres);
            $metresLeft[$cone] = $left - $taken;
            $metres -= $taken;
        }

        return $metresLeft;
    }

    /**
     * The other way round, for what was charged and not sewn: it goes onto the one that is being sewn from, which is the
     * first that has any, else the last.
     *
     * @param array<int, float> $metresLeft cone => metres
     *
     * @return array<int, float>
     */
    public static function putBack(array $metresLeft, float $metres): array
    {
        $begun = array_keys(array_filter($metresLeft, static fn(float $left): bool => $left > 0.0));
        $cone = $begun[0] ?? array_key_last($metresLeft);
        if ($cone !== null) {
            $metresLeft[$cone] += $metres;
        }

        return $metresLeft;
    }
}
