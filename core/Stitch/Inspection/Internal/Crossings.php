<?php

declare(strict_types=1);

namespace Hakama\Stitch\Inspection\Internal;

use Hakama\Stitch\Figures\DensityMap;
use Hakama\Stitch\Inspection\Crossing;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\RecordKind;

/**
 * Which carried threads lie over what earlier blocks have sewn by then. Only where a thread is carried has to be known who
 * sewed there.
 *
 * @internal
 */
final class Crossings
{
    /** Less than this across another colour is not seen. */
    public const LEAST_MM = 3.0;

    /** Blocks are told apart by one bit each; a later block than this shares the last one. */
    private const LAST_BIT = 61;

    /** @var array<int, int> cell over which a thread is carried => a bit per block that has sewn there */
    private array $cover = [];
    /** @var list<Crossing> */
    private array $found = [];

    /** @param list<Carried> $carried in the order of their stitches */
    private function __construct(private array $carried)
    {
        foreach ($carried as $one) {
            $this->cover += array_fill_keys($one->cells(), 0);
        }
    }

    /**
     * @param list<Carried> $carried in the order of their stitches
     * @param int           $most    so many are looked for
     *
     * @return list<Crossing>
     */
    public static function of(Pattern $pattern, array $carried, int $most): array
    {
        return $carried === [] ? [] : (new self($carried))->find($pattern, $most);
    }

    /** @return list<Crossing> */
    private function find(Pattern $pattern, int $most): array
    {
        $sewn = $block = $next = 0;
        $stopped = true;
        foreach ($pattern->runs() as $run) {
            if ($run->kind !== RecordKind::Stitch) {
                $stopped = $stopped || $run->kind === RecordKind::Stop;
                continue;
            }
            $block += $stopped ? 1 : 0;
            $stopped = false;
            $from = 0;
            $count = count($run->xs);
            while (isset($this->carried[$next]) && $this->carried[$next]->sewn < $sewn + $count) {
                $to = $this->carried[$next]->sewn - $sewn;
                $this->sew($run->xs, $run->ys, $from, $to, $block);
                $this->cross($this->carried[$next++]);
                $from = max($from, $to);
                if (count($this->found) >= $most) {
                    return $this->found;
                }
            }
            if (! isset($this->carried[$next])) {
                return $this->found;
            }
            $this->sew($run->xs, $run->ys, $from, $count, $block);
            $sewn += $count;
        }

        return $this->found;
    }

    /**
     * @param list<int> $xs
     * @param list<int> $ys
     */
    private function sew(array $xs, array $ys, int $from, int $to, int $block): void
    {
        $bit = 1 << min($block, self::LAST_BIT);
        for ($i = $from; $i < $to; $i++) {
            $cell =
                (int) (($xs[$i] + DensityMap::FAR) / 10) + (int) (($ys[$i] + DensityMap::FAR) / 10) * DensityMap::ROW;
            if (isset($this->cover[$cell])) {
                $this->cover[$cell] |= $bit;
            }
        }
    }

    private function cross(Carried $carried): void
    {
        $cells = $carried->cells();
        $over = [];
        foreach ($cells as $cell) {
            for ($bits = $this->cover[$cell], $block = 1; $bits >> $block !== 0; $block++) {
                if ((($bits >> $block) & 1) === 1 && $block < $carried->block) {
                    $over[$block] = ($over[$block] ?? 0) + 1;
                }
            }
        }
        foreach ($over as $block => $times) {
            $mm = (($times / count($cells)) * $carried->length()) / 10;
            if ($mm >= self::LEAST_MM) {
                $this->found[] = new Crossing($carried->middle, $carried->block, $block, round($mm, 1));
            }
        }
    }
}
