<?php

declare(strict_types=1);

namespace Hakama\Plan;

/** A skill for which batches of a plan wait, because too few of those are in who have it. */
final readonly class SkillShortage
{
    /**
     * @param non-empty-list<Placed>|array{} $waiting that begin later for it, in the order in which they begin
     * @param list<string>                   $never   batches for which nobody is in long enough
     */
    private function __construct(public string $skill, public array $waiting, public array $never) {}

    /** @return list<self> the one that most wait for first */
    public static function all(Timetable $timetable): array
    {
        $all = [];
        foreach (array_keys($timetable->workload->people->able) as $skill) {
            $wants = static fn(BatchJob $batch): bool => in_array((string) $skill, $batch->equipment->skills, true);
            $waiting = array_values(array_filter(
                $timetable->placed,
                static fn(Placed $one): bool => $one->wait === Wait::Able && $wants($one->batch),
            ));
            usort($waiting, static fn(Placed $a, Placed $b): int => $a->changeoverStart <=> $b->changeoverStart);
            $never = array_values(array_filter(
                array_column($timetable->unplaced, 'batch'),
                static fn(string $id): bool => $wants($timetable->workload->batches[$id]),
            ));
            if ($waiting !== [] || $never !== []) {
                $all[] = new self((string) $skill, $waiting, $never);
            }
        }
        usort($all, static fn(self $a, self $b): int => $b->count() <=> $a->count());

        return $all;
    }

    public function count(): int
    {
        return count($this->waiting) + count($this->never);
    }
}
