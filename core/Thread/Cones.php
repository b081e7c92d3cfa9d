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
}
