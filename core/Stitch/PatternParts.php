<?php

declare(strict_types=1);

namespace Hakama\Stitch;

/**
 * A pattern divided by height, because a frame does not hold it at once: each stitch is sewn in the part in whose band
 * it lies, in the order in which it was sewn in the whole.
 */
final class PatternParts
{
    /**
     * @param list<Band> $bands     one a part, mm; what lies in none of them is not sewn
     * @param float      $acrossMm  where the mark is from left to right, the same for all parts
     * @param int        $trimJumps so many jumps say that the thread is cut
     *
     * @return list<Part> each with its mark, the middle of its band, at nought
     */
    public static function of(Pattern $pattern, array $bands, float $acrossMm, int $trimJumps): array
    {
        return array_map(
            static fn(Band $band): Part => self::part($pattern, $band, (int) round(10 * $acrossMm), $trimJumps),
            $bands,
        );
    }

    private static function part(Pattern $pattern, Band $band, int $markX, int $trimJumps): Part
    {
        [$low, $high] = [(int) round(10 * $band->bottom), (int) round(10 * $band->top)];
        $markY = (int) round(5 * ($band->bottom + $band->top));
        $builder = new PatternBuilder($pattern->name);
        /** @var array<int, int> $blocks */
        $blocks = [];
        $block = 1;
        $stopped = $sewn = false;
        // The jumps since the last stitch, as long as nothing else lay between: they are kept as they are.
        $jumps = [];
        $follows = false;
        $x = $y = 0;
        foreach ($pattern->chunks() as $chunk) {
            foreach ($chunk->kinds as $i => $kind) {
                [$toX, $toY] = [$chunk->xs[$i], $chunk->ys[$i]];
                if ($kind === RecordKind::Stop->value) {
                    $stopped = $sewn;
                    $follows = false;
                } elseif ($kind === RecordKind::Jump->value) {
                    $jumps[] = [$toX - $markX, $toY - $markY];
                } else {
                    if ($stopped) {
                        $block++;
                        $stopped = false;
                    }
                    $sewn = true;
                    $isHere = min($y, $toY) >= $low && max($y, $toY) <= $high;
                    if ($isHere) {
                        self::moveTo(
                            $builder,
                            $x - $markX,
                            $y - $markY,
                            $follows ? $jumps : null,
                            $blocks === [] || isset($blocks[$block]),
                            $blocks === [] ? 1 : $trimJumps,
                        );
                        $builder->stitchTo($toX - $markX, $toY - $markY);
                        $blocks[$block] = ($blocks[$block] ?? 0) + 1;
                    }
                    $follows = $isHere;
                    $jumps = [];
                }
                [$x, $y] = [$toX, $toY];
            }
        }

        return new Part($builder->pattern(), $blocks);
    }

    /**
     * @param list<array{int, int}>|null $jumps as they were, where nothing else was sewn in between
     * @param bool                       $same  whether the block is the one before
     */
    private static function moveTo(
        PatternBuilder $builder,
        int $x,
        int $y,
        ?array $jumps,
        bool $same,
        int $trimJumps,
    ): void {
        if (! $same) {
            $builder->stop();
        }
        if ($jumps === null) {
            $builder->travelTo($x, $y, $trimJumps);

            return;
        }
        foreach ($jumps as [$jumpX, $jumpY]) {
            $builder->jumpTo($jumpX, $jumpY);
        }
    }
}
