<?php

declare(strict_types=1);

namespace Hakama\Floor\Care;

/** What one run through a design puts on each needle. */
final class NeedleWear
{
    /**
     * @param array<int, int>        $blocks  block => its stitches
     * @param array<int, int|string> $threads block => its thread
     * @param array<int, int|string|null> $rack needle => the thread on it
     *
     * @return array<int, int> needle => stitches; a thread that is on no needle is on none
     */
    public static function of(array $blocks, array $threads, array $rack): array
    {
        $on = [];
        foreach ($rack as $needle => $thread) {
            // Where a thread is on two needles the first of them sews it.
            if ($thread !== null && ! isset($on[$thread])) {
                $on[$thread] = $needle;
            }
        }
        $wear = [];
        foreach ($blocks as $block => $stitches) {
            $needle = $on[$threads[$block] ?? ''] ?? null;
            if ($needle !== null && $stitches > 0) {
                $wear[$needle] = ($wear[$needle] ?? 0) + $stitches;
            }
        }
        ksort($wear);

        return $wear;
    }
}
