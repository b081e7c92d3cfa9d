<?php

declare(strict_types=1);

namespace App\Orders;

use App\Formats\Csv;
use App\Models\Artwork;
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
    private const MOST_ROWS = 2000;
    private const GREY = '#8a8577';
    /** What makes a list its own: the same one read twice is the same orders. */
    private const SPACE = '0f4bd7a2-6a0a-5b43-9f3e-2f1f6f0f9c31';

    /** @param array<string, array{rows: list<int>, form: array<string, mixed>}> $orders by the word they share */
    private function __construct(public array $orders) {}

    /** @throws InvalidArgumentException in words, when it is no such list */
    public static function read(string $path): self
    {
        $lines = Csv::lines($path, self::MOST_ROWS);
        $rows = Csv::named($lines);
        $foreign = array_diff(Csv::head($lines), [...self::COLUMNS, '']);
        if ($rows === [] || $foreign !== [] || count($lines) > self::MOST_ROWS + 1) {
            throw new InvalidArgumentException(
                match (true) {
                    $rows === [] => 'there is no row in it',
                    $foreign !== [] => sprintf(
                        'its first row names the columns, and %s is none: %s',
                        implode(', ', $foreign),
                        implode(', ', self::COLUMNS),
                    ),
                    default => sprintf('it has more than %d rows', self::MOST_ROWS),
                },
            );
        }
        $artworks = Artwork::query()->whereNotNull('read_at')->orderByDesc('id')->pluck('id', 'name')->all();
        $sum = (string) hash_file('sha256', $path);
        $orders = [];
        foreach ($rows as $number => $row) {
            $cell = static fn(string $column): string => trim($row[$column] ?? '');
            $key = $cell('order') === '' ? "row {$number}" : $cell('order');
            [$date, $time] = [...preg_split('/[ T]+/', $cell('due'), 2) ?: [], '16:00'];
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
                    "row {$number}, artwork: the shop has none that is called “{$artwork}”",
                );
            }
            if (
                filter_var($cell('count'), FILTER_VALIDATE_INT, [
                    'options' => ['min_range' => 1, 'max_range' => 999],
                ]) === false
            ) {
                throw new InvalidArgumentException("row {$number}, count: a whole number from 1 to 999 is wanted");
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
                'colour_hex' => $cell('colour_hex') ?: self::GREY,
                'spares' => $cell('spares') ?: null,
                'sizes' => [],
                'decorations' => [['position' => $cell('position'), 'artwork_id' => $artworks[$artwork] ?? null]],
            ];
            $size = $cell('size') ?: 'one';
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
