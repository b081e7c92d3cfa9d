<?php

declare(strict_types=1);

namespace App\Orders;

use App\Artwork\Models\Artwork;
use App\Foundation\Formats\CsvRows;
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
 * size are one line of it. However long it is, only where its rows lie is held.
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
    /** A list of more rows than this is several. */
    public const MOST_ROWS = 400_000;
    /** What makes rows of an order one line, but for their sizes. */
    private const ALIKE = ['garment', 'fabric', 'structure', 'profile', 'style', 'colour', 'colour_hex', 'position', 'artwork'];
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

    /**
     * @param array<array-key, string> $places   by the word an order's rows share: where each of them lies in the file, packed
     * @param array<string, int>       $artworks ids by name
     * @param string                   $sum      of the file
     */
    private function __construct(
        private CsvRows $rows,
        private array $places,
        public int $rowCount,
        private array $artworks,
        private string $sum,
    ) {}

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

    /**
     * @param int $most rows; more is another thing than a list that is read while somebody waits
     *
     * @throws InvalidArgumentException in words, when it is no such list
     */
    public static function open(string $path, int $most = self::MOST_ROWS): self
    {
        $rows = CsvRows::open($path);
        $foreign = array_diff($rows->head, [...self::COLUMNS, '']);
        if ($foreign !== []) {
            throw new InvalidArgumentException(__('orders.order_list.no_column', [
                'foreign' => implode(', ', $foreign),
                'columns' => implode(', ', self::COLUMNS),
            ]));
        }
        $places = [];
        $count = 0;
        foreach ($rows->all() as $number => [$at, $row]) {
            if (++$count > $most) {
                throw new InvalidArgumentException(__('orders.order_list.too_many_rows', ['most' => $most]));
            }
            $key = trim($row['order'] ?? '');
            $key = $key === '' ? "row {$number}" : $key;
            $places[$key] = ($places[$key] ?? '').pack('PV', $at, $number);
        }
        if ($count === 0) {
            throw new InvalidArgumentException(__('orders.order_list.no_row'));
        }

        return new self(
            $rows,
            $places,
            $count,
            Artwork::query()->whereNotNull('read_at')->orderByDesc('id')->pluck('id', 'name')->all(),
            (string) hash_file('sha256', $path),
        );
    }

    /** How many orders are in it. */
    public function count(): int
    {
        return count($this->places);
    }

    /** @return list<string> the word that the rows of an order share, in the order in which they come */
    public function keys(): array
    {
        return array_map(strval(...), array_keys($this->places));
    }

    /**
     * @return array{row: int, form: array<string, mixed>} its first row, and what the form of an order would have in it
     *
     * @throws InvalidArgumentException in words, at the first row in which something is wrong
     */
    public function order(string $key): array
    {
        $order = null;
        $first = 0;
        $places = $this->places[$key];
        for ($i = 0; $i < strlen($places); $i += 12) {
            /** @var array{at: int, number: int} $of */
            $of = unpack('Pat/Vnumber', $places, $i);
            $first = $first === 0 ? $of['number'] : $first;
            $order = $this->with($order, $key, $of['number'], $this->rows->at($of['at']));
        }
        assert($order !== null);

        return ['row' => $first, 'form' => [...$order, 'lines' => array_values($order['lines'])]];
    }

    /**
     * @param array{form: string, customer: string, due_date: string, due_time: string, note: string, lines: array<string, array<string, mixed>>}|null $order as
     *     it stands in the rows before
     * @param array<string, string>                                  $row
     *
     * @return array{form: string, customer: string, due_date: string, due_time: string, note: string, lines: array<string, array<string, mixed>>}
     */
    private function with(?array $order, string $key, int $number, array $row): array
    {
        $cell = static fn(string $column): string => trim($row[$column] ?? '');
        foreach (self::WORDS as $column => $of) {
            $row[$column] = self::word($number, $column, $of, $cell($column));
        }
        $row['size'] = self::size($number, $cell('size'));
        $cell = static fn(string $column): string => trim($row[$column] ?? '');
        [$date, $time] = self::due($number, $cell('due'));
        $order ??= [
            'form' => Uuid::uuid5(self::SPACE, "{$this->sum} {$key}")->toString(),
            'customer' => $cell('customer'),
            'due_date' => $date,
            'due_time' => $time,
            'note' => $cell('note'),
            'lines' => [],
        ];
        $artwork = $cell('artwork');
        if ($artwork !== '' && ! isset($this->artworks[$artwork])) {
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
        $alike = implode("\0", array_map($cell, self::ALIKE));
        $line = $order['lines'][$alike] ?? [
            'garment' => $cell('garment'),
            'fabric' => $cell('fabric'),
            'structure' => $cell('structure') ?: null,
            'profile' => $cell('profile') ?: null,
            'style' => $cell('style'),
            'colour_name' => $cell('colour'),
            'colour_hex' => $cell('colour_hex') ?: null,
            'spares' => $cell('spares') ?: null,
            'sizes' => [],
            'decorations' => [['position' => $cell('position'), 'artwork_id' => $this->artworks[$artwork] ?? null]],
        ];
        $size = $cell('size');
        $line['sizes'][$size] = ($line['sizes'][$size] ?? 0) + (int) $cell('count');
        $order['lines'][$alike] = $line;

        return $order;
    }
}
