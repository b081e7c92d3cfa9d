<?php

declare(strict_types=1);

namespace Hakama\Plan;

/** Something of which less is there than the plan will use: how much, for what, and by when it has to be ordered. */
final readonly class Shortage
{
    private const DAY_S = 86_400;

    /**
     * @param string     $of      what kind of thing, as the list is grouped
     * @param float      $missing so much, in its unit
     * @param string     $for     what wants it first
     * @param int|null   $wanted  when, in seconds; null where that is not planned yet
     * @param int|null   $orderBy so many days of the supplier before it
     * @param string     $from    who supplies it; '' where nobody has said
     * @param string     $key     what it is known by; '' where nothing waits for it
     */
    private function __construct(
        public string $of,
        public string $what,
        public float $missing,
        public string $unit,
        public string $for,
        public ?int $wanted,
        public ?int $orderBy,
        public string $from = '',
        public string $key = '',
    ) {}

    /** @param float $leadDays from the order to what is ordered, as days of the calendar */
    public static function of(
        string $of,
        string $what,
        float $missing,
        string $unit,
        string $for,
        ?int $wanted,
        float $leadDays,
        string $from = '',
        string $key = '',
    ): self {
        return new self(
            $of,
            $what,
            $missing,
            $unit,
            $for,
            $wanted,
            $wanted === null ? null : $wanted - (int) round($leadDays * self::DAY_S),
            $from,
            $key,
        );
    }

    /** It comes too late even when it is ordered now. */
    public function isTooLate(int $now): bool
    {
        return $this->orderBy !== null && $this->orderBy < $now;
    }

    /**
     * What has to be ordered first comes first; what is not planned yet, last.
     *
     * @param list<self> $all
     *
     * @return list<self>
     */
    public static function sorted(array $all): array
    {
        usort(
            $all,
            static fn(self $a, self $b): int => [$a->orderBy ?? PHP_INT_MAX, $a->of, $a->what] <=> [
                $b->orderBy ?? PHP_INT_MAX,
                $b->of,
                $b->what,
            ],
        );

        return $all;
    }
}
