<?php

declare(strict_types=1);

namespace Hakama\Thread;

/** One thread held against a wanted colour. */
final readonly class ThreadMatch
{
    public function __construct(public ThreadSpec $thread, public float $difference, public Likeness $likeness) {}

    /**
     * @param list<ThreadSpec> $shelf
     * @param int|null     $weight only threads of this weight; null for all
     *
     * @return list<self> nearest first; equals in the order of the shelf
     */
    public static function nearest(Colour $wanted, array $shelf, ?int $weight = null): array
    {
        $lab = $wanted->lab();
        $matches = [];
        foreach ($shelf as $thread) {
            if ($weight === null || $thread->weight === $weight) {
                $difference = $lab->differenceTo($thread->colour->lab());
                $matches[] = new self($thread, $difference, Likeness::at($difference));
            }
        }
        usort($matches, static fn(self $a, self $b): int => $a->difference <=> $b->difference);

        return $matches;
    }
}
