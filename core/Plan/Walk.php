<?php

declare(strict_types=1);

namespace Hakama\Plan;

/** One walk to the shelf: the cones for all changeovers that begin within one hour are fetched together. */
final readonly class Walk
{
    private const HOUR = 3600;

    /**
     * @param int                    $hour        its beginning, seconds of local time
     * @param non-empty-list<Placed> $changeovers by time
     * @param array<array-key, int>  $fetch       thread => cones, one for each head; in the order of the shelf
     */
    private function __construct(public int $hour, public array $changeovers, public array $fetch) {}

    /**
     * @param array<array-key, string> $shelf thread => where it stands
     * @param int                      $until what begins later is not fetched yet
     *
     * @return list<self> by time
     */
    public static function all(Timetable $timetable, array $shelf, int $until): array
    {
        $placed = array_filter(
            $timetable->placed,
            static fn(Placed $one): bool => $one->changes->cones->load !== [] && $one->changeoverStart < $until,
        );
        usort(
            $placed,
            static fn(Placed $a, Placed $b): int => [$a->changeoverStart, $a->machine] <=> [
                $b->changeoverStart,
                $b->machine,
            ],
        );
        $hours = [];
        foreach ($placed as $one) {
            $hours[intdiv($one->changeoverStart, self::HOUR)][] = $one;
        }

        return array_map(
            static fn(array $changeovers, int $hour): self => new self(
                self::HOUR * $hour,
                $changeovers,
                self::fetch($timetable, $changeovers, $shelf),
            ),
            $hours,
            array_keys($hours),
        );
    }

    public function cones(): int
    {
        return array_sum($this->fetch);
    }

    /**
     * @param list<Placed>             $changeovers
     * @param array<array-key, string> $shelf
     *
     * @return array<array-key, int>
     */
    private static function fetch(Timetable $timetable, array $changeovers, array $shelf): array
    {
        $fetch = [];
        foreach ($changeovers as $one) {
            foreach ($one->changes->cones->load as $change) {
                $fetch[$change->to] = ($fetch[$change->to] ?? 0) + $timetable->workload->lanes[$one->machine]->heads;
            }
        }
        uksort(
            $fetch,
            // PHP turns a thread of digits into a number; it is sorted as the word it is.
            static fn(int|string $a, int|string $b): int => [$shelf[$a] ?? '', "{$a}"] <=> [$shelf[$b] ?? '', "{$b}"],
        );

        return $fetch;
    }
}
