<?php

declare(strict_types=1);

namespace App\Shop\Catalogue;

use App\Foundation\Database\Transaction;
use App\Machine\Models\Frame;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameKind;

/** Frames with their windows, the holes they are fixed in and what is picked on the machine. */
final class FrameList implements CatalogueList
{
    public function columns(): array
    {
        $side = ['required', 'numeric', 'between:10,3000'];
        $offset = ['nullable', 'numeric', 'between:-500,500'];

        return [
            new Column('code', ['required', 'string', 'max:32']),
            new Column('name', ['required', 'string', 'max:80']),
            new Column(
                'kind',
                ['required', 'in:'.implode(',', array_column(FrameKind::cases(), 'value'))],
                array_column(FrameKind::cases(), 'value'),
                cases: FrameKind::cases(),
            ),
            new Column(
                'driver',
                ['required', 'in:'.implode(',', array_column(Driver::cases(), 'value'))],
                array_column(Driver::cases(), 'value'),
                cases: Driver::cases(),
            ),
            new Column('outer_width_mm', $side, unit: 'mm'),
            new Column('outer_height_mm', $side, unit: 'mm'),
            new Column('window_width_mm', $side, unit: 'mm'),
            new Column('window_height_mm', $side, unit: 'mm'),
            new Column('corner_mm', ['nullable', 'numeric', 'between:0,1500'], unit: 'mm'),
            new Column('round', ['nullable', 'in:yes,no'], ['yes', 'no']),
            new Column('offset_x_mm', $offset, unit: 'mm'),
            new Column('offset_y_mm', $offset, unit: 'mm'),
            new Column('holes', ['nullable', 'string', 'max:16']),
            new Column('label', ['nullable', 'string', 'max:16']),
            new Column('count', ['required', 'integer', 'between:0,1000']),
            new Column('low_line_mm', ['nullable', 'numeric', 'between:3,40'], unit: 'mm'),
        ];
    }

    public function rows(): array
    {
        return array_values(
            Frame::query()
                ->orderBy('id')
                ->get()
                ->map(
                    static fn(Frame $f): array => [
                        $f->code,
                        $f->name,
                        $f->kind->value,
                        $f->driver->value,
                        ...array_map(strval(...), [
                            $f->outer_width_mm,
                            $f->outer_height_mm,
                            $f->window_width_mm,
                            $f->window_height_mm,
                            $f->corner_mm,
                        ]),
                        $f->round ? 'yes' : 'no',
                        (string) $f->offset_x_mm,
                        (string) $f->offset_y_mm,
                        $f->holes,
                        $f->label,
                        (string) $f->count,
                        (string) $f->low_line_mm,
                    ],
                )
                ->all(),
        );
    }

    public function take(array $rows): int
    {
        $problems = [];
        foreach ($rows as $number => $row) {
            foreach (['width', 'height'] as $side) {
                if ((float) $row["window_{$side}_mm"] > (float) $row["outer_{$side}_mm"]) {
                    $problems[] = __('shop.frame_list.row_window_mm_the_window_is', [
                        'number' => $number,
                        'side' => $side,
                    ]);
                }
            }
        }
        if ($problems !== []) {
            throw UnfitList::because($problems);
        }
        Transaction::run(static function () use ($rows): void {
            foreach ($rows as $row) {
                $number = static fn(string $field): float => (float) ($row[$field] ?? '');
                Frame::query()->updateOrCreate(
                    ['code' => trim($row['code'])],
                    [
                        'name' => trim($row['name']),
                        'kind' => $row['kind'],
                        'driver' => $row['driver'],
                        'outer_width_mm' => $number('outer_width_mm'),
                        'outer_height_mm' => $number('outer_height_mm'),
                        'window_width_mm' => $number('window_width_mm'),
                        'window_height_mm' => $number('window_height_mm'),
                        'corner_mm' => $number('corner_mm'),
                        'round' => ($row['round'] ?? '') === 'yes',
                        'offset_x_mm' => $number('offset_x_mm'),
                        'offset_y_mm' => $number('offset_y_mm'),
                        'holes' => trim($row['holes'] ?? ''),
                        'label' => trim($row['label'] ?? ''),
                        'count' => (int) $row['count'],
                    ],
                );
            }
        });

        return count($rows);
    }
}
