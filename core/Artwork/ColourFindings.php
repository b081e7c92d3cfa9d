<?php

declare(strict_types=1);

namespace Hakama\Artwork;

use Hakama\Stitch\Finding;
use Hakama\Stitch\FindingCode;
use Hakama\Stitch\Inspection\Crossing;
use Hakama\Thread\ThreadSpec;

/** What is to be said of a pattern once its blocks have their threads. */
final readonly class ColourFindings
{
    /** Lightness, CIE L*: from here on a thread is light, and this much darker shows on it. */
    private const LIGHT = 60.0;
    private const DARKER = 25.0;

    /**
     * @param list<ThreadSpec|null> $threads   one per block
     * @param list<Crossing>    $crossings
     * @param float             $alike     CIEDE2000 below which two threads are taken for one another
     *
     * @return list<Finding>
     */
    public static function of(array $threads, array $crossings, float $alike): array
    {
        return [...self::alike($threads, $alike), ...self::overLight($threads, $crossings)];
    }

    /**
     * @param list<ThreadSpec|null> $threads
     *
     * @return list<Finding>
     */
    private static function alike(array $threads, float $alike): array
    {
        $different = [];
        foreach ($threads as $thread) {
            if ($thread !== null) {
                $different[$thread->code] = $thread;
            }
        }
        $different = array_values($different);
        $findings = [];
        foreach ($different as $i => $one) {
            foreach (array_slice($different, $i + 1) as $other) {
                $difference = $one->colour->differenceTo($other->colour);
                if ($difference < $alike) {
                    $findings[] = new Finding(
                        FindingCode::ThreadsAlike,
                        sprintf(
                            '%s and %s differ by only %.1f: put them on needles that are not neighbours, and read '.
                                'the code before loading.',
                            $one->code,
                            $other->code,
                            $difference,
                        ),
                        blocks: self::blocksIn($threads, $one, $other),
                    );
                }
            }
        }

        return $findings;
    }

    /**
     * @param list<ThreadSpec|null> $threads
     *
     * @return list<int> blocks sewn in one of these, from 1
     */
    private static function blocksIn(array $threads, ThreadSpec ...$these): array
    {
        $codes = array_map(static fn(ThreadSpec $thread): string => $thread->code, $these);
        $blocks = [];
        foreach ($threads as $i => $thread) {
            if ($thread !== null && in_array($thread->code, $codes, true)) {
                $blocks[] = $i + 1;
            }
        }

        return $blocks;
    }

    /**
     * @param list<ThreadSpec|null> $threads
     * @param list<Crossing>    $crossings
     *
     * @return list<Finding>
     */
    private static function overLight(array $threads, array $crossings): array
    {
        $light = array_map(static fn(?ThreadSpec $thread): ?float => $thread?->colour->lab()->l, $threads);
        $shown = array_values(
            array_filter($crossings, static function (Crossing $crossing) use ($light): bool {
                $over = $light[$crossing->over - 1] ?? null;
                $carried = $light[$crossing->block - 1] ?? null;

                return $over !== null
                    && $carried !== null
                    && $over >= self::LIGHT
                    && $over - $carried >= self::DARKER;
            }),
        );
        if ($shown === []) {
            return [];
        }
        usort($shown, static fn(Crossing $a, Crossing $b): int => $b->lengthMm <=> $a->lengthMm);

        return [
            new Finding(
                FindingCode::TravelOverLight,
                sprintf(
                    'In %d place%s a dark thread is carried over lighter stitches sewn before, %.1f mm of block %d '.
                        'over block %d at the worst.',
                    count($shown),
                    count($shown) === 1 ? '' : 's',
                    $shown[0]->lengthMm,
                    $shown[0]->block,
                    $shown[0]->over,
                ),
                array_map(static fn(Crossing $crossing): \Hakama\Stitch\Spot => $crossing->spot, $shown),
            ),
        ];
    }
}
