<?php

declare(strict_types=1);

namespace Hakama\Setup\Tube;

/**
 * The fewest hoopings in which all motifs along a tube can be sewn, each whole in one. Swept from one end: the first
 * motif
 * not yet sewn has to be in some hooping, and the one that begins with it takes most of those that follow.
 */
final readonly class Hoopings
{
    /**
     * @param list<Hooping> $hoopings from the end at nought on
     * @param list<Motif>   $refused  longer than one hooping reaches
     */
    private function __construct(public array $hoopings, public array $refused, public float $reachMm) {}

    /** @param list<Motif> $motifs in any order */
    public static function of(array $motifs, float $reachMm): self
    {
        $refused = array_values(
            array_filter($motifs, static fn(Motif $motif): bool => $motif->heightMm() > $reachMm + 1e-9),
        );
        $left = array_values(
            array_filter($motifs, static fn(Motif $motif): bool => $motif->heightMm() <= $reachMm + 1e-9),
        );
        usort($left, static fn(Motif $a, Motif $b): int => [$a->fromMm, $a->toMm] <=> [$b->fromMm, $b->toMm]);
        $hoopings = [];
        while ($left !== []) {
            $first = array_shift($left);
            [$taken, $to, $rest] = [[$first], $first->toMm, []];
            foreach ($left as $motif) {
                if ($motif->toMm <= $first->fromMm + $reachMm + 1e-9) {
                    [$taken[], $to] = [$motif, max($to, $motif->toMm)];
                } else {
                    $rest[] = $motif;
                }
            }
            $hoopings[] = new Hooping($taken, $first->fromMm, $to, ($first->fromMm + $to) / 2);
            $left = $rest;
        }

        return new self($hoopings, $refused, $reachMm);
    }

    /** Why it cannot all be sewn; null when it can. */
    public function obstacle(): ?string
    {
        return $this->refused === []
            ? null
            : sprintf(
                '%s is %.0f mm along the tube and one hooping reaches %.0f: a motif is not cut in two. A smaller version, or open the side seam and lay the tube flat.',
                $this->refused[0]->name,
                $this->refused[0]->heightMm(),
                $this->reachMm,
            );
    }
}
