<?php

declare(strict_types=1);

namespace Hakama\Setup;

use Hakama\Garment\Measures;
use Hakama\Garment\Size;
use Hakama\House\HouseRules;
use Hakama\Machine\FrameSpec;
use Hakama\Setup\Facts\Facts;
use Hakama\Setup\Fit\Fitting;
use Hakama\Setup\Placement\FoundPlacement;
use Hakama\Stitch\Turn;

/** One decoration over the sizes of its run: frame, way round and place for each, and which differ. */
final readonly class SizeTable
{
    /** @param list<SizeRow> $rows small to large */
    private function __construct(public array $rows) {}

    /**
     * @param array<string, int>       $pieces   size => how many of it
     * @param list<FrameSpec>|Fitting|null $frames   to choose among
     * @param array<string, Measures>  $measured size => as the catalogue has it
     * @param array<string, FoundPlacement> $kept     size => what was found before
     */
    public static function of(
        Facts $facts,
        HouseRules $house,
        array $pieces,
        array|Fitting|null $frames = null,
        ?FrameSpec $mounted = null,
        array $measured = [],
        array $kept = [],
    ): self {
        $rows = [];
        foreach (Size::cases() as $size) {
            if (($pieces[$size->value] ?? 0) > 0) {
                $of = $facts->onSize($size, $house, $measured[$size->value] ?? null, $kept[$size->value] ?? null);
                $rows[] = new SizeRow($size, $pieces[$size->value], $of, Advice::of($of, $house, $frames, $mounted));
            }
        }

        return new self($rows);
    }

    /** Whether not all sizes may go in the same way. */
    public function differs(): bool
    {
        return count(array_unique(array_map(static fn(SizeRow $row): int => $row->turns()[0]->value, $this->rows))) >
            1;
    }

    /** Whether the best frame for one size is not the best for all. */
    public function framesDiffer(): bool
    {
        return count(
            array_unique(array_map(static fn(SizeRow $row): string => $row->frames()[0] ?? '', $this->rows)),
        ) > 1;
    }

    /** @return list<Turn> the ways round that would do for every size, in the order in which the smallest wants them */
    public function common(): array
    {
        return $this->rows === []
            ? []
            : array_values(
                array_filter(
                    $this->rows[0]->turns(),
                    fn(Turn $turn): bool => array_filter(
                        $this->rows,
                        static fn(SizeRow $row): bool => ! in_array($turn, $row->turns(), true),
                    ) === [],
                ),
            );
    }

    /** @return list<string> frames that do for every size, in the order in which the smallest wants them */
    public function commonFrames(): array
    {
        return $this->rows === []
            ? []
            : array_values(
                array_intersect(
                    $this->rows[0]->frames(),
                    ...array_map(static fn(SizeRow $row): array => $row->frames(), $this->rows),
                ),
            );
    }

    /** The size that wants most: what suits it suits the others. */
    public function smallest(): ?SizeRow
    {
        return $this->rows[0] ?? null;
    }

    public function row(Size $size): ?SizeRow
    {
        foreach ($this->rows as $row) {
            if ($row->size === $size) {
                return $row;
            }
        }

        return null;
    }
}
