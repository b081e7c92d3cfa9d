<?php

declare(strict_types=1);

namespace Hakama\Artwork;

use Hakama\Stitch\Finding;
use Hakama\Stitch\FindingCode;
use Hakama\Stitch\Inspection\Crossing;
use Hakama\Thread\ThreadSpec;
use Hakama\Words\Decimal;
use Hakama\Words\Text;

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
                        new Text('artwork.finding_text.threads_alike', [
                            'one' => $one->code,
                            'other' => $other->code,
                            'difference' => new Decimal($difference),
                        ]),
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
                new Text('artwork.finding_text.travel_over_light', [
                    'places' => count($shown),
                    'length' => new Decimal($shown[0]->lengthMm),
                    'block' => $shown[0]->block,
                    'over' => $shown[0]->over,
                ]),
                array_map(static fn(Crossing $crossing): \Hakama\Stitch\Spot => $crossing->spot, $shown),
            ),
        ];
    }
}
