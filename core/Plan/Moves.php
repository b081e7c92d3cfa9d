<?php

declare(strict_types=1);

namespace Hakama\Plan;

/** What people have to do otherwise when one plan gives way to another. */
final readonly class Moves
{
    /**
     * @param list<string> $elsewhere batches that go to another machine
     * @param list<string> $inOrder   batches that keep their machine and are run sooner or later than the others on it
     * @param list<string> $prepared  of both, those that somebody is preparing already
     */
    private function __construct(public array $elsewhere, public array $inOrder, public array $prepared) {}

    /** @param list<string> $prepared batches that somebody is preparing */
    public static function between(Sequence $now, Sequence $then, array $prepared = []): self
    {
        $staying = $now->staying($then);
        $elsewhere = $inOrder = [];
        foreach ($then->batches as $machine => $ids) {
            foreach ($ids as $id) {
                if (isset($staying[$id])) {
                    continue;
                }
                if (in_array($id, $now->on($machine), true)) {
                    $inOrder[] = $id;
                } else {
                    $elsewhere[] = $id;
                }
            }
        }

        return new self($elsewhere, $inOrder, array_values(array_intersect([...$elsewhere, ...$inOrder], $prepared)));
    }

    public function count(): int
    {
        return count($this->elsewhere) + count($this->inOrder);
    }

    public function has(string $batch): bool
    {
        return in_array($batch, [...$this->elsewhere, ...$this->inOrder], true);
    }
}
