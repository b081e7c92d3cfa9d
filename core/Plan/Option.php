<?php

declare(strict_types=1);

namespace Hakama\Plan;

/** One plan as it could be beside the plan as it is: where a batch would stand, with all that would follow. */
final readonly class Option
{
    /**
     * @param int                $rank     before which it would stand, 0 is first
     * @param int                $start    when its changeover would begin, seconds
     * @param float              $costMore  than the plan it is compared with
     * @param float              $changeoverMore minutes of changeover
     * @param float              $unfitMore minutes that machines are unfit by for what they have
     */
    private function __construct(
        public string $machine,
        public int $rank,
        public int $start,
        public int $end,
        public int $lateS,
        public float $costMore,
        public float $changeoverMore,
        public float $unfitMore,
        public OnOthers $others,
        public Sequence $sequence,
    ) {}

    /**
     * What is different in one plan from another, for a batch and for all others; null when the batch has no place in
     * it, or another has none any more.
     */
    public static function between(Timetable $now, Timetable $then, string $batch): ?self
    {
        $own = $then->find($batch);
        if ($own === null || count($then->unplaced) > count($now->unplaced)) {
            return null;
        }

        return new self(
            $own->machine,
            (int) array_search($batch, $then->sequence->on($own->machine), true),
            $own->changeoverStart,
            $own->end(),
            $own->lateS(),
            $then->totals->cost - $now->totals->cost,
            $then->totals->changeoverMin - $now->totals->changeoverMin,
            $then->totals->unfitMin - $now->totals->unfitMin,
            OnOthers::between($now, $then, $batch),
            $then->sequence,
        );
    }

    /** What it stands behind; null when it stands first. */
    public function after(): ?string
    {
        return $this->sequence->on($this->machine)[$this->rank - 1] ?? null;
    }
}
