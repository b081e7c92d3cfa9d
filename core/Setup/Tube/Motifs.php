<?php

declare(strict_types=1);

namespace Hakama\Setup\Tube;

use Hakama\Setup\Placement\FoundPlacement;
use Hakama\Stitch\Band;
use Hakama\Words\Decimal;
use Hakama\Words\Text;

/** Several designs along one tube, each measured from one of its ends, as somebody wrote them down. */
final readonly class Motifs
{
    /** What is measured from the other end is put so far off that no hooping takes both. */
    private const FAR_MM = 10_000.0;

    /** @param non-empty-list<PlacedMotif> $all */
    public function __construct(public array $all) {}

    /** @return list<Band> where they lie along the tube, from the end of the first */
    public function bands(): array
    {
        return array_map(
            fn(PlacedMotif $one): Band => $one->from === $this->all[0]->from
                ? new Band($one->atMm, $one->endMm())
                : new Band(self::FAR_MM - $one->endMm(), self::FAR_MM - $one->atMm),
            $this->all,
        );
    }

    /**
     * Where the first lies, in the way the house measures there.
     *
     * @param float $lengthMm of the tube
     * @param bool  $fromTop  measured down from its upper end; else up from its lower one
     */
    public function first(float $lengthMm, bool $fromTop): FoundPlacement
    {
        $first = $this->all[0];
        $down = $first->isFromBelow() ? $lengthMm - $first->endMm() : $first->atMm;

        return new FoundPlacement(downMm: $fromTop ? $down : -($lengthMm - $down - $first->heightMm));
    }

    /**
     * What is wrong with where they lie, in words.
     *
     * @param float|null $lengthMm of the tube; null where nobody knows it
     *
     * @return list<Text>
     */
    public function wrongs(?float $lengthMm): array
    {
        $said = [];
        foreach (array_unique(array_map(static fn(PlacedMotif $one): string => $one->from->value, $this->all)) as $end) {
            $said[] = TubeLayout::of(
                array_map(
                    static fn(PlacedMotif $one): array => [$one->name, $one->heightMm, $one->atMm],
                    array_filter($this->all, static fn(PlacedMotif $one): bool => $one->from->value === $end),
                ),
                0.0,
                0.0,
            )->overlaps();
        }
        foreach ($this->all as $one) {
            if ($lengthMm !== null && $one->endMm() > $lengthMm) {
                $said[] = [
                    new Text('setup.tube.beyond_other_end', [
                        'motif' => $one->name,
                        'beyond' => new Decimal($one->endMm() - $lengthMm, 0),
                    ]),
                ];
            }
        }

        return array_merge([], ...$said);
    }

    /** One behind the other from the end of the first, as near to it as they may be. */
    public function inARow(float $startMm, float $gapMm): self
    {
        $at = $startMm;
        $row = [];
        foreach ($this->all as $one) {
            $row[] = $one->at($this->all[0]->from, $at);
            $at += $one->heightMm + $gapMm;
        }

        return new self($row);
    }

    /** Each smaller, where it begins. */
    public function scaled(int $percent): self
    {
        return new self(array_map(static fn(PlacedMotif $one): PlacedMotif => $one->scaled($percent), $this->all));
    }
}
