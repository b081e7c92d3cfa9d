<?php

declare(strict_types=1);

namespace App\Shop\Catalogue;

use App\Foundation\Database\Transaction;
use App\Foundation\Words\Words;
use App\Shop\House;
use Hakama\Garment\Position;
use Hakama\House\HouseRule;
use Hakama\House\UnfitRule;

/** Where things go in size M and how much that grows from size to size. Each figure is a house rule. */
final readonly class PositionList implements CatalogueList
{
    /** What the columns after the position are, as far as a position has them. */
    private const FIGURES = ['in_m_mm', 'a_size_mm', 'across_in_m_mm', 'across_a_size_mm'];

    public function __construct(private House $house) {}

    public function columns(): array
    {
        $positions = array_column(
            array_filter(Position::cases(), static fn(Position $position): bool => self::of($position) !== []),
            'value',
        );

        return [
            new Column('position', ['required', 'in:'.implode(',', $positions)], array_values($positions), cases: Position::cases()),
            ...array_map(
                static fn(string $name): Column => new Column(
                    $name,
                    ['nullable', 'numeric', 'between:-1000,1000'],
                    unit: 'mm',
                ),
                self::FIGURES,
            ),
        ];
    }

    public function rows(): array
    {
        $rows = [];
        foreach (Position::cases() as $position) {
            $rules = self::of($position);
            if ($rules !== []) {
                $rows[] = [
                    $position->value,
                    ...array_map(
                        fn(int $i): string => isset($rules[$i])
                            ? (string) $this->house->rules()->value($rules[$i])
                            : '',
                        [0, 1, 2, 3],
                    ),
                ];
            }
        }

        return $rows;
    }

    public function take(array $rows): int
    {
        Transaction::run(function () use ($rows): void {
            foreach ($rows as $number => $row) {
                $rules = self::of(Position::from($row['position']));
                foreach (self::FIGURES as $i => $column) {
                    $given = trim($row[$column] ?? '');
                    if ($given === '') {
                        continue;
                    }
                    if (! isset($rules[$i])) {
                        throw UnfitList::at(
                            $number,
                            $column,
                            __('shop.position_list.has_no_such_figure', [
                                'value' => Words::say(Position::from($row['position'])->label()),
                            ]),
                        );
                    }
                    try {
                        $this->house->change([$rules[$i]->value => (float) $given]);
                    } catch (UnfitRule $e) {
                        throw UnfitList::at($number, $column, Words::why($e));
                    }
                }
            }
        });

        return count($rows);
    }

    /** @return list<HouseRule> in M, a size, across in M, across a size */
    private static function of(Position $position): array
    {
        return match ($position) {
            Position::LeftChest => [
                HouseRule::ChestDown,
                HouseRule::ChestStep,
                HouseRule::ChestAcross,
                HouseRule::ChestAcrossStep,
            ],
            Position::FullFront => [HouseRule::FrontDown, HouseRule::FrontStep],
            Position::FullBack => [HouseRule::BackDown, HouseRule::BackStep],
            Position::CapFront => [HouseRule::CapGap],
            Position::CapSide => [HouseRule::CapSideUp],
            Position::CapBack => [HouseRule::CapBackUp],
            Position::Cuff => [HouseRule::CuffDown],
            Position::Sleeve => [HouseRule::SleeveUp],
            Position::Leg => [HouseRule::LegDown, HouseRule::LegStep],
            Position::Corner => [HouseRule::CornerIn],
            Position::Pocket => [HouseRule::PocketDown],
            Position::Centre => [],
        };
    }
}
