<?php

declare(strict_types=1);

namespace Hakama\Stitch;

/** A stretch of a design's height in which something is sewn, mm in stitch space. */
final readonly class Band
{
    private const ROW = 5;

    public function __construct(public float $bottom, public float $top) {}

    /**
     * The bands of a pattern from its lower edge upwards: nothing is sewn in the gaps between them, so that the frame
     * may be moved there.
     *
     * @param float $gapMm gaps smaller than this are none
     *
     * @return list<self>
     */
    public static function of(Pattern $pattern, float $gapMm): array
    {
        /** @var array<int, array{int, int}> $rows row of half a millimetre => lowest and highest y in it, 0.1 mm */
        $rows = [];
        $y = 0;
        foreach ($pattern->chunks() as $chunk) {
            foreach ($chunk->kinds as $i => $kind) {
                $to = $chunk->ys[$i];
                if ($kind === RecordKind::Stitch->value) {
                    [$low, $high] = $to < $y ? [$to, $y] : [$y, $to];
                    for (
                        $row = (int) floor($low / self::ROW), $last = (int) floor($high / self::ROW);
                        $row <= $last;
                        $row++
                    ) {
                        $rows[$row] = [
                            min($rows[$row][0] ?? PHP_INT_MAX, max($low, $row * self::ROW)),
                            max($rows[$row][1] ?? PHP_INT_MIN, min($high, ($row + 1) * self::ROW)),
                        ];
                    }
                }
                $y = $to;
            }
        }
        ksort($rows);
        /** @var list<array{int, int}> $found */
        $found = [];
        foreach ($rows as [$low, $high]) {
            $last = array_pop($found);
            if ($last === null || $low - $last[1] >= $gapMm * 10) {
                $found = [...$found, ...$last === null ? [] : [$last], [$low, $high]];
            } else {
                $found[] = [$last[0], max($last[1], $high)];
            }
        }

        return array_map(static fn(array $band): self => new self($band[0] / 10, $band[1] / 10), $found);
    }
}
