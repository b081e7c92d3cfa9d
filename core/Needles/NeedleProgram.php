<?php

declare(strict_types=1);

namespace Hakama\Needles;

/** Which needle sews which block, as it is set on a machine: it stays there until somebody sets another. */
final readonly class NeedleProgram
{
    /** @param list<int> $order needle per block */
    public function __construct(public string $batch, public array $order) {}

    /** @return list<int> blocks of what is wanted, from 1, for which another needle is set here, or none */
    public function differsAt(self $wanted): array
    {
        $blocks = [];
        foreach ($wanted->order as $i => $needle) {
            if (($this->order[$i] ?? null) !== $needle) {
                $blocks[] = $i + 1;
            }
        }

        return $blocks;
    }

    /** Needle after needle: "10-9-11". */
    public function said(): string
    {
        return implode('-', $this->order);
    }

    /**
     * What is to be set for a batch, in words, and whether that surprises the one after it.
     *
     * @param self|null $left   by the last one; null where nobody knows
     * @param self      $wanted by this one
     * @param self|null $next   by the one after it
     */
    public static function words(?self $left, self $wanted, ?self $next): string
    {
        $blocks = $left?->differsAt($wanted) ?? [];
        $said = match (true) {
            $left === null => "Set needles {$wanted->said()}: nobody knows what the machine has.",
            $blocks === [] => "Needles {$wanted->said()} are set still, from {$left->batch}.",
            default => sprintf(
                '%s left needles %s set; this one wants %s: set block %s anew.',
                $left->batch,
                $left->said(),
                $wanted->said(),
                implode(', ', $blocks),
            ),
        };
        // Whoever sews the next one finds the machine as they know it, but for what is set in between.
        return $next !== null && $left?->differsAt($next) === [] && $wanted->differsAt($next) !== []
            ? "{$said} {$next->batch} after it wants {$next->said()} again, as {$left->batch} left it: set it anew then."
            : $said;
    }
}
