<?php

declare(strict_types=1);

namespace Hakama\Needles;

use Hakama\Words\Text;
use Hakama\Words\Texts;

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
    public static function words(?self $left, self $wanted, ?self $next): Texts
    {
        $blocks = $left?->differsAt($wanted) ?? [];
        $with = ['needles' => $wanted->said(), 'batch' => $left->batch ?? '', 'left' => $left?->said() ?? ''];
        $said = match (true) {
            $left === null => new Text('needles.program.unknown', $with),
            $blocks === [] => new Text('needles.program.still_set', $with),
            default => new Text('needles.program.set_anew', [...$with, 'blocks' => implode(', ', $blocks)]),
        };
        // Whoever sews the next one finds the machine as they know it, but for what is set in between.
        $surprises = $next !== null && $left?->differsAt($next) === [] && $wanted->differsAt($next) !== [];

        return Texts::sentences(
            $said,
            $surprises
                ? new Text('needles.program.then_again', [
                    'next' => $next->batch,
                    'needles' => $next->said(),
                    'batch' => $left->batch,
                ])
                : '',
        );
    }
}
