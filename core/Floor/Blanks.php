<?php

declare(strict_types=1);

namespace Hakama\Floor;

/** Garments to be sewn on, of one line of an order: how many are there, how many are missing, and when these come. */
final readonly class Blanks
{
    /** @var list<Coming> soonest first */
    private array $coming;

    /**
     * @param int          $wanted  garments that the line is of
     * @param int          $spares  that were ordered beside them
     * @param int|null     $good    that came and were counted good; null where nobody has counted
     * @param int          $spoiled pieces that were spoiled: each wants another blank
     * @param list<Coming> $coming  that are expected still
     */
    public function __construct(
        public int $wanted,
        public int $spares,
        public ?int $good,
        public int $spoiled,
        array $coming = [],
    ) {
        usort($coming, static fn(Coming $a, Coming $b): int => $a->at <=> $b->at);
        $this->coming = $coming;
    }

    /**
     * How many more are needed than there are. Not counted yet, all that were ordered are taken to be there, but for
     * those that are expected.
     */
    public function short(): int
    {
        $expected = array_sum(array_map(static fn(Coming $one): int => $one->pieces, $this->coming));

        return max(0, $this->wanted + $this->spoiled - ($this->good ?? max(0, $this->wanted + $this->spares - $expected)));
    }

    /** How many are missing of which nobody knows when they come. */
    public function unknown(int $now): int
    {
        return array_sum(array_map(
            static fn(array $one): int => $one[2] === null ? $one[1] : 0,
            $this->missing($now),
        ));
    }

    /**
     * Which batches of a decoration do without them, until when. What is missing is missing at the end: of the batch that
     * was split off last, and of its pieces of that size.
     *
     * @param array<int, array<array-key, int>> $batches key => size => pieces that are not begun, the eldest first
     * @param int                               $now     what was expected before and has not come is not known to come
     *
     * @return array<int, Lacking> by the same keys
     */
    public function lackedBy(array $batches, int $now): array
    {
        $lacking = array_map(static fn(): Lacking => new Lacking(), $batches);
        foreach ($this->missing($now) as [$size, $pieces, $at]) {
            foreach (array_reverse(array_keys($batches)) as $key) {
                foreach ($size === '' ? array_keys($batches[$key]) : [$size] as $of) {
                    $taken = min($pieces, $batches[$key][$of] ?? 0);
                    $pieces -= $taken;
                    $batches[$key][$of] = ($batches[$key][$of] ?? 0) - $taken;
                    $lacking[$key] = $lacking[$key]->and((string) $of, $taken, $at);
                }
            }
        }

        return $lacking;
    }

    /**
     * What is missing now: what comes soonest is taken to fill it first.
     *
     * @return list<array{string, int, int|null}> size, pieces and when; what is of one size first, then the latest
     */
    private function missing(int $now): array
    {
        $left = $this->short();
        $missing = [];
        foreach ($this->coming as $one) {
            $pieces = min($left, $one->pieces);
            $left -= $pieces;
            $missing[] = [$one->size, $pieces, $one->at > $now ? $one->at : null];
        }
        $missing[] = ['', $left, null];
        usort($missing, static fn(array $a, array $b): int => [$a[0] === '', $b[2] ?? PHP_INT_MAX] <=> [
            $b[0] === '',
            $a[2] ?? PHP_INT_MAX,
        ]);

        return array_values(array_filter($missing, static fn(array $one): bool => $one[1] > 0));
    }
}
