<?php

declare(strict_types=1);

namespace App\Plan;

use Hakama\Plan\Dispatch;
use Hakama\Plan\Placed;
use Hakama\Plan\Sequence;
use Hakama\Plan\Timetable;
use Hakama\Plan\WhatIf;

/** A found plan beside the one in force, both in the same shop: what moves, and who gains and loses by it. */
final readonly class Comparison
{
    /**
     * @param list<array{OpenBatch, Placed|null, Placed|null, bool}> $rows batch, as it is, as it would be, and whether it moves; what moves first
     * @param Timetable $booked batches in order of arrival, the yardstick
     */
    private function __construct(
        public Timetable $now,
        public Timetable $then,
        public Timetable $booked,
        public array $rows,
    ) {}

    public static function of(PlanBoard $board, Sequence $found, WhatIf $whatIf): self
    {
        $shop = $whatIf->of($board->shop());
        $inForce = $board->sequence();
        $whole = $board->whole($found);
        $now = Timetable::of($shop, $inForce);
        $then = Timetable::of($shop, $whole);
        $staying = self::staying($inForce, $whole);
        $rows = [];
        foreach ($board->batches() as $code => $batch) {
            $rows[] = [$batch, $now->find($code), $then->find($code), ! isset($staying[$code])];
        }
        usort($rows, static fn(array $a, array $b): int => [! $a[3], $a[2]->setupStart ?? PHP_INT_MAX] <=> [! $b[3], $b[2]->setupStart ?? PHP_INT_MAX]);
        $standing = new Sequence(array_map(static fn(array $ids): array => array_values(array_filter($ids, static fn(string $code): bool => $board->batches()[$code]->started)), $inForce->batches));

        return new self($now, $then, Timetable::of($shop, Dispatch::asBooked($shop, $standing)), $rows);
    }

    /** @return list<OpenBatch> in time as it is, late as it would be */
    public function becomeLate(): array
    {
        return array_values(array_map(static fn(array $row): OpenBatch => $row[0], array_filter($this->rows, static fn(array $row): bool => ($row[1]?->lateS() ?? 0) === 0 && ($row[2]?->lateS() ?? 0) > 0)));
    }

    /** @return list<OpenBatch> late as it is, in time as it would be */
    public function areSaved(): array
    {
        return array_values(array_map(static fn(array $row): OpenBatch => $row[0], array_filter($this->rows, static fn(array $row): bool => ($row[1]?->lateS() ?? 0) > 0 && $row[2]?->lateS() === 0)));
    }

    public function moves(): int
    {
        return count(array_filter($this->rows, static fn(array $row): bool => $row[3]));
    }

    /**
     * What keeps its machine and its order among those that keep theirs: the longest run of it in both.
     *
     * @return array<string, true>
     */
    private static function staying(Sequence $one, Sequence $other): array
    {
        $staying = [];
        foreach ($one->batches as $machine => $a) {
            $b = $other->on($machine);
            $longest = array_fill(0, count($a) + 1, array_fill(0, count($b) + 1, 0));
            for ($i = count($a) - 1; $i >= 0; $i--) {
                for ($j = count($b) - 1; $j >= 0; $j--) {
                    $longest[$i][$j] = $a[$i] === $b[$j] ? $longest[$i + 1][$j + 1] + 1 : max($longest[$i + 1][$j], $longest[$i][$j + 1]);
                }
            }
            for ($i = $j = 0; $i < count($a) && $j < count($b);) {
                if ($a[$i] === $b[$j]) {
                    $staying[$a[$i]] = true;
                    $i++;
                    $j++;
                } elseif ($longest[$i + 1][$j] >= $longest[$i][$j + 1]) {
                    $i++;
                } else {
                    $j++;
                }
            }
        }

        return $staying;
    }
}
