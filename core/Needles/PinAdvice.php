<?php

declare(strict_types=1);

namespace Hakama\Needles;

use Hakama\Machine\Rack;

/**
 * Which threads, kept on a needle for good, would have saved changes. A shop knows only the next few batches when it
 * loads a needle; a thread that comes back again and again beyond them is taken off and put on anew, unless it is
 * pinned. The batches that were run are gone through once more that way, and threads are pinned one by one, each time
 * the one that saves most, until none saves any.
 */
final readonly class PinAdvice
{
    /** Only what is used most is tried: what comes rarely is not worth a needle. */
    private const TRIED = 8;

    /**
     * @param int                                                     $changes without a pin of the advice
     * @param list<array{thread: string, uses: int, saves: int}> $pins    in the order in which they were chosen
     */
    private function __construct(public int $changes, public array $pins) {}

    /**
     * @param Rack         $rack    as it stands; what is pinned on it stays pinned
     * @param list<Demand> $history batches in the order in which they were run
     * @param int          $known   so many batches are known ahead, the one that is loaded among them
     * @param int          $most    pins to advise
     */
    public static function of(Rack $rack, array $history, ThreadNeeds $needs, int $known = 3, int $most = 4): self
    {
        $uses = array_count_values(
            array_merge(...array_map(static fn(Demand $one): array => $one->threads(), $history), ...[[]]),
        );
        arsort($uses);
        $uses = array_slice($uses, 0, self::TRIED, true);
        $before = $now = self::changes($rack, $history, $needs, $known);
        $pins = [];
        while (count($pins) < $most) {
            [$best, $least] = [null, $now];
            // PHP turned codes of digits into numbers.
            foreach (array_map(strval(...), array_keys($uses)) as $thread) {
                $pinned = self::pinned($rack, $thread, $needs);
                if ($uses[$thread] < 2 || $pinned === null) {
                    continue;
                }
                // Putting it on is a change too, unless it is on already.
                $changes = self::changes($pinned[0], $history, $needs, $known) + $pinned[1];
                if ($changes < $least) {
                    [$best, $least] = [[$thread, $uses[$thread], $pinned[0]], $changes];
                }
            }
            if ($best === null) {
                break;
            }
            $pins[] = ['thread' => $best[0], 'uses' => $best[1], 'saves' => $now - $least];
            [$rack, $now] = [$best[2], $least];
        }

        return new self($before, $pins);
    }

    public function saves(): int
    {
        return array_sum(array_column($this->pins, 'saves'));
    }

    /**
     * How many cones are exchanged when only the next few batches are known; a batch that does not fit on the rack
     * counts as if each of its threads were loaded.
     *
     * @param list<Demand> $history
     */
    private static function changes(Rack $rack, array $history, ThreadNeeds $needs, int $known): int
    {
        $changes = 0;
        foreach ($history as $i => $batch) {
            $racking = new \Hakama\Needles\Internal\Racking($rack, array_slice($history, $i, $known), $needs);
            $served = $racking->serveAtOnce(0);
            $changes += $served === null ? count($batch->threads()) : count($served->load);
            $rack = $racking->rack();
        }

        return $changes;
    }

    /**
     * The rack with a thread pinned: where it is, else on the first free needle that may sew with it.
     *
     * @return array{Rack, int}|null with how many cones that takes; null when it is pinned already or goes nowhere
     */
    private static function pinned(Rack $rack, string $thread, ThreadNeeds $needs): ?array
    {
        $place = null;
        foreach ($rack->needles as $number => $needle) {
            if (! $needs->allow($thread, $needle)) {
                continue;
            }
            if ($needle->thread === $thread) {
                return $needle->pinned ? null : [$rack->withPin($number), 0];
            }
            $place ??= $needle->pinned ? null : $number;
        }

        return $place === null ? null : [$rack->loaded($place, $thread)->withPin($place), 1];
    }
}
