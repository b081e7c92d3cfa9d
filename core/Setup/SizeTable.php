<?php

declare(strict_types=1);

namespace Hakama\Setup;

use Hakama\Garment\Size;
use Hakama\House\HouseRules;
use Hakama\Stitch\Turn;

/** One decoration over the sizes of its run: which way round each goes in, where the design goes, and which differ. */
final readonly class SizeTable
{
    /** @param list<SizeRow> $rows small to large */
    private function __construct(public array $rows) {}

    /** @param array<string, int> $pieces size => how many of it */
    public static function of(Facts $facts, HouseRules $house, array $pieces): self
    {
        $rows = [];
        foreach (Size::cases() as $size) {
            if (($pieces[$size->value] ?? 0) > 0) {
                $of = $facts->onSize($size, $house);
                $advice = Advice::of($of, $house);
                $rows[] = new SizeRow($size, $pieces[$size->value], $of->neckOpeningMm === null ? null : $of->neckOpeningMm - ($of->armWidthMm ?? 0.0), $advice->turns, $advice->place);
            }
        }

        return new self($rows);
    }

    /** Whether not all sizes may go in the same way. */
    public function differs(): bool
    {
        return count(array_unique(array_map(static fn(SizeRow $row): int => $row->turns[0]->value, $this->rows))) > 1;
    }

    /** @return list<Turn> the ways round that would do for every size, in the order in which the smallest wants them */
    public function common(): array
    {
        return $this->rows === [] ? [] : array_values(array_filter($this->rows[0]->turns, fn(Turn $turn): bool => array_filter($this->rows, static fn(SizeRow $row): bool => ! in_array($turn, $row->turns, true)) === []));
    }

    /** The size that wants most: what suits it suits the others. */
    public function smallest(): ?Size
    {
        return $this->rows[0]->size ?? null;
    }
}
