<?php

declare(strict_types=1);

namespace Hakama\Plan;

/** What one plan does to the other batches, against another plan. */
final readonly class OnOthers
{
    /**
     * @param array<string, int> $later batch => seconds it ends later; below zero sooner
     * @param list<string>       $late  that are in time now and would not be
     * @param list<string>       $saved that are late now and would not be
     */
    private function __construct(public array $later, public array $late, public array $saved) {}

    public static function between(Timetable $now, Timetable $then, string $but): self
    {
        $later = $late = $saved = [];
        foreach ($then->placed as $one) {
            $before = $one->batch->id === $but ? null : $now->find($one->batch->id);
            if ($before === null || $before->end() === $one->end()) {
                continue;
            }
            $later[$one->batch->id] = $one->end() - $before->end();
            if ($one->lateS() > 0 && $before->lateS() === 0) {
                $late[] = $one->batch->id;
            } elseif ($one->lateS() === 0 && $before->lateS() > 0) {
                $saved[] = $one->batch->id;
            }
        }

        return new self($later, $late, $saved);
    }

    public function pushesNobody(): bool
    {
        return array_filter($this->later, static fn(int $seconds): bool => $seconds > 0) === [];
    }
}
