<?php

declare(strict_types=1);

namespace App\Orders;

use App\Artwork\Models\Artwork;
use App\Foundation\Formats\Csv;
use App\Foundation\Words\Languages;
use BackedEnum;
use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Position;
use Hakama\Garment\Profile;
use Hakama\Garment\Size;
use Hakama\Garment\Structure;
use InvalidArgumentException;
use Ramsey\Uuid\Uuid;

/**
 * Orders as a list: a row for each size, those with the same word under `order` are one order, those alike in all but
 * size are one line of it.
 */
final readonly class OrderList
{
    public const COLUMNS = [
        'order',
        'customer',
        'due',
        'note',
        'garment',
        'fabric',
        'structure',
        'profile',
        'style',
        'colour',
        'colour_hex',
        'size',
        'count',
        'spares',
        'position',
        'artwork',
    ];
    private const MOST_ROWS = 5000;
    /** What makes a list its own: the same one read twice is the same orders. */
    private const SPACE = '0f4bd7a2-6a0a-5b43-9f3e-2f1f6f0f9c31';

    /** Columns that take one of some words, as they are spoken. */
    public const WORDS = [
        'garment' => Garment::class,
        'fabric' => Fabric::class,
        'structure' => Structure::class,
        'profile' => Profile::class,
        'position' => Position::class,
    ];
    private const MUST = ['garment', 'fabric', 'position'];

    /** @param array<string, array{rows: list<int>, form: array<string, mixed>}> $orders by the word they share */
    private function __construct(public array $orders) {}

    /**
     * "Left chest", "left-chest" and "left_chest" are one.
     *
     * @param class-string<BackedEnum> $of
     */
    private static function word(int $row, string $column, string $of, string $typed): string
    {
        $word = str_replace([' ', '-'], '_', mb_strtolower($typed));
        if ($word === '' && ! in_array($column, self::MUST, true)) {
            return '';
        }

        return $of::tryFrom($word) !== null
            ? $word
            : throw new InvalidArgumentException(
                __('orders.order_list.none_of_them', [
                    'row' => $row,
                    'column' => $column,
                    'typed' => $typed,
                    'codes' => implode(', ', self::words($of)),
                ]),
            );
    }

    /**
     * @param class-string<BackedEnum> $of
     *
     * @return list<string> as they are written in a list
     */
    public static function words(string $of): array
    {
        return array_map(
            static fn(BackedEnum $one): string => str_replace('_', ' ', (string) $one->value),
            $of::cases(),
        );
    }

    private static function size(int $row, string $typed): string
    {
        $size = mb_strtoupper($typed);
        $size = preg_match('/^(X{2,5})L$/', $size, $many) === 1 ? strlen($many[1]).'XL' : $size;
        $size = in_array(
            $size,
            ['', 'ONE', ...Languages::inEach(static fn(): string => __('orders.order_list.one_size'))],
            true,
        ) ? Size::One->value : $size;

        return Size::tryFrom($size) !== null
            ? $size
            : throw new InvalidArgumentException(
                __('orders.order_list.none_of_them', [
                    'row' => $row,
                    'column' => 'size',
                    'typed' => $typed,
                    'codes' => implode(', ', self::words(Size::class)),
                ]),
            );
    }

    /** @return array{string, string} day and time, as the form has them */
    private static function due(int $row, string $typed): array
    {
        [$day, $time] = [...preg_split('/[ T]+/', $typed, 2) ?: [], '16:00'];
        $day = preg_replace('/^(\d{1,2})\.(\d{1,2})\.(\d{4})$/', '$3-$2-$1', $day) ?? $day;
        $parts = array_map(intval(...), explode('-', $day));
        if (count($parts) !== 3 || ! checkdate($parts[1], $parts[2], $parts[0])) {
            throw new InvalidArgumentException(
                __('orders.order_list.no_day', ['row' => $row, 'typed' => $typed]),
            );
        }

        return [sprintf('%04d-%02d-%02d', ...$parts), $time];
    }

    /** @throws InvalidArgumentException in words, when it is no such list */
    public static function read(string $path): self
    {
        $lines = Csv::lines($path, self::MOST_ROWS);
        $rows = Csv::named($lines);
        $foreign = array_diff(Csv::head($lines), [...self::COLUMNS, '']);
        if ($rows === [] || $foreign !== [] || count($lines) > self::MOST_ROWS + 1) {
            throw new InvalidArgumentException(
                match (true) {
                    $rows === [] => __('orders.order_list.no_row'),
                    $foreign !== [] => __('orders.order_list.no_column', [
                        'foreign' => implode(', ', $foreign),
                        'columns' => implode(', ', self::COLUMNS),
                    ]),
                    default => __('orders.order_list.too_many_rows', ['most' => self::MOST_ROWS]),
                },
            );
        }
        $artworks = Artwork::query()->whereNotNull('read_at')->orderByDesc('id')->pluck('id', 'name')->all();
        $sum = (string) hash_file('sha256', $path);
        $orders = [];
        foreach ($rows as $number => $row) {
            $cell = static fn(string $column): string => trim($row[$column] ?? '');
            foreach (self::WORDS as $column => $of) {
                $row[$column] = self::word($number, $column, $of, $cell($column));
            }
            $row['size'] = self::size($number, $cell('size'));
            $cell = static fn(string $column): string => trim($row[$column] ?? '');
            $key = $cell('order') === '' ? "row {$number}" : $cell('order');
            [$date, $time] = self::due($number, $cell('due'));
            $order = $orders[$key] ?? [
                'rows' => [],
                'form' => [
                    'form' => Uuid::uuid5(self::SPACE, "{$sum} {$key}")->toString(),
                    'customer' => $cell('customer'),
                    'due_date' => $date,
                    'due_time' => $time,
                    'note' => $cell('note'),
                    'lines' => [],
                ],
            ];
            $artwork = $cell('artwork');
            if ($artwork !== '' && ! isset($artworks[$artwork])) {
                throw new InvalidArgumentException(
                    __('orders.order_list.no_artwork', ['row' => $number, 'typed' => $artwork]),
                );
            }
            if (
                filter_var($cell('count'), FILTER_VALIDATE_INT, [
                    'options' => ['min_range' => 1, 'max_range' => 999],
                ]) === false
            ) {
                throw new InvalidArgumentException(__('orders.order_list.no_count', ['row' => $number]));
            }
            $alike = implode(
                "\0",
                array_map($cell, [
                    'garment',
                    'fabric',
                    'structure',
                    'profile',
                    'style',
                    'colour',
                    'colour_hex',
                    'position',
                    'artwork',
                ]),
            );
            $line = $order['form']['lines'][$alike] ?? [
                'garment' => $cell('garment'),
                'fabric' => $cell('fabric'),
                'structure' => $cell('structure') ?: null,
                'profile' => $cell('profile') ?: null,
                'style' => $cell('style'),
                'colour_name' => $cell('colour'),
                'colour_hex' => $cell('colour_hex') ?: null,
                'spares' => $cell('spares') ?: null,
                'sizes' => [],
                'decorations' => [['position' => $cell('position'), 'artwork_id' => $artworks[$artwork] ?? null]],
            ];
            $size = $cell('size');
            $line['sizes'][$size] = ($line['sizes'][$size] ?? 0) + (int) $cell('count');
            $order['form']['lines'][$alike] = $line;
            $order['rows'][] = $number;
            $orders[$key] = $order;
        }
        foreach ($orders as $key => $order) {
            $orders[$key]['form']['lines'] = array_values($order['form']['lines']);
        }

        return new self($orders);
    }
}
