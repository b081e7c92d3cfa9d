<?php

declare(strict_types=1);

namespace Hakama\Setup\Tube;

use Hakama\House\Units;
use Hakama\Words\Text;

/**
 * Where several designs lie along one tube, from the end that is measured from: each where it was kept, else behind
 * the one before it.
 */
final readonly class TubeLayout
{
    /** @param array<int, Motif> $motifs design => where it lies, in the order in which they were written down */
    private function __construct(private array $motifs) {}

    /**
     * @param array<int, array{string, float, float|null}> $designs design => its name, its height along the tube, mm,
     *     and where it begins, where somebody has kept that
     * @param float $firstMm where the first begins as the house has it
     * @param float $gapMm   between two that nobody has placed
     */
    public static function of(array $designs, float $firstMm, float $gapMm): self
    {
        $motifs = [];
        $next = $firstMm;
        foreach ($designs as $id => [$name, $heightMm, $keptMm]) {
            $from = $keptMm ?? $next;
            $motifs[$id] = new Motif($name, $from, $from + $heightMm);
            $next = $from + $heightMm + $gapMm;
        }

        return new self($motifs);
    }

    public function startMm(int $design): float
    {
        return $this->motifs[$design]->fromMm;
    }

    /** @return list<Text> which lie over each other, and by how much */
    public function overlaps(Units $units = Units::Millimetres): array
    {
        return $this->between(
            static fn(float $gap): bool => $gap < 0.0,
            static fn(Motif $a, Motif $b, float $gap): Text => new Text('setup.tube.overlap', [
                'one' => $a->name,
                'other' => $b->name,
                'by' => $units->said(-$gap),
            ]),
        );
    }

    /** @return list<Text> how far apart those are that follow each other */
    public function gaps(Units $units = Units::Millimetres): array
    {
        return $this->between(
            static fn(float $gap): bool => $gap >= 0.0,
            static fn(Motif $a, Motif $b, float $gap): Text => new Text('setup.tube.gap', [
                'one' => $a->name,
                'other' => $b->name,
                'by' => $units->said($gap),
            ]),
        );
    }

    /**
     * @param callable(float): bool                 $which
     * @param callable(Motif, Motif, float): Text $words
     *
     * @return list<Text> of those that lie next to each other, from the end onwards
     */
    private function between(callable $which, callable $words): array
    {
        $sorted = array_values($this->motifs);
        usort($sorted, static fn(Motif $a, Motif $b): int => $a->fromMm <=> $b->fromMm);
        $said = [];
        foreach (array_slice($sorted, 1) as $i => $motif) {
            $gap = $motif->fromMm - $sorted[$i]->toMm;
            if ($which($gap)) {
                $said[] = $words($sorted[$i], $motif, $gap);
            }
        }

        return $said;
    }
}
