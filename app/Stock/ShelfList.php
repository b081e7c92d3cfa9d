<?php

declare(strict_types=1);

namespace App\Stock;

use App\Foundation\Formats\Csv;
use App\Foundation\Formats\Xlsx;
use App\Foundation\Words\Words;
use Hakama\Thread\ShelfRow;
use Hakama\Thread\UnfitRow;
use Illuminate\Http\UploadedFile;
use InvalidArgumentException;
use PhpOffice\PhpSpreadsheet\IOFactory;
use PhpOffice\PhpSpreadsheet\Reader\IReadFilter;
use Throwable;
use ZipArchive;

/** The shelf as a file: CSV and XLSX, one row a cone. */
final class ShelfList
{
    public const MOST_ROWS = 5000;
    private const MOST_UNPACKED = 6 * 1024 * 1024;

    /** @param list<ShelfRow> $rows */
    public static function csv(array $rows): string
    {
        return Csv::write(ShelfRow::COLUMNS, array_map(static fn(ShelfRow $row): array => $row->cells(), $rows));
    }

    /** @param list<ShelfRow> $rows */
    public static function xlsx(array $rows): string
    {
        $numbers = array_keys(array_intersect(ShelfRow::COLUMNS, ['weight', 'cone', 'metres_left']));
        $lines = array_map(
            static fn(ShelfRow $row): array => array_map(
                static fn(int $column, string $cell): float|string => in_array($column, $numbers, true)
                && is_numeric($cell)
                    ? (float) $cell
                    : $cell,
                array_keys($row->cells()),
                $row->cells(),
            ),
            $rows,
        );

        return Xlsx::of(__('stock.shelf_list.threads'), ShelfRow::COLUMNS, $lines);
    }

    /**
     * @return array{list<ShelfRow>, list<string>} the rows that can be read, and what is wrong with the others
     *
     * @throws UnfitRow when it is no list of threads at all
     */
    public static function read(UploadedFile $file): array
    {
        $lines =
            strtolower($file->getClientOriginalExtension()) === 'xlsx'
                ? self::sheet((string) $file->getRealPath())
                : self::lines((string) $file->getRealPath());
        $head = Csv::head($lines);
        $missing = array_diff(['code', 'name', 'colour', 'weight', 'metres_left'], $head);
        if ($missing !== []) {
            throw UnfitRow::at(__('stock.shelf_list.first_row'), __('stock.shelf_list.must_name_the_columns_missing', [
                'value' => implode(', ', $missing),
            ]));
        }
        if (count($lines) > self::MOST_ROWS + 1) {
            throw UnfitRow::at('list', __('stock.shelf_list.has_more_than_rows', ['value' => self::MOST_ROWS]));
        }
        [$rows, $problems] = [[], []];
        foreach (Csv::named($lines) as $number => $named) {
            try {
                $rows[] = ShelfRow::of($named);
            } catch (UnfitRow $e) {
                $problems[] = __('stock.shelf_list.row', ['row' => $number, 'what' => Words::why($e)]);
            }
        }

        return [$rows, $problems];
    }

    /** @return list<list<string>> */
    private static function lines(string $path): array
    {
        try {
            return Csv::lines($path, self::MOST_ROWS);
        } catch (InvalidArgumentException $e) {
            throw UnfitRow::at('list', __('stock.shelf_list.save_it_as_csv_or_xlsx', [
                'get_message' => Words::why($e),
            ]));
        }
    }

    /** @return list<list<string>> */
    private static function sheet(string $path): array
    {
        $zip = new ZipArchive();
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw UnfitRow::at('list', __('stock.shelf_list.this_is_not_an_xlsx_file'));
        }
        $unpacked = 0;
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $unpacked += $zip->statIndex($i)['size'] ?? 0;
        }
        $zip->close();
        if ($unpacked > self::MOST_UNPACKED) {
            throw UnfitRow::at('list', __('stock.shelf_list.it_would_unpack_to_far_more'));
        }
        try {
            $reader = IOFactory::createReader('Xlsx');
            $reader->setReadDataOnly(true);
            $reader->setReadFilter(
                new class (self::MOST_ROWS) implements IReadFilter {
                    public function __construct(private readonly int $most) {}

                    public function readCell(string $columnAddress, int $row, string $worksheetName = ''): bool
                    {
                        return $row <= $this->most + 2 && strlen($columnAddress) === 1;
                    }
                },
            );
            $sheet = $reader->load($path)->getSheet(0);

            // Formulas are not worked out: what a cell was saved with is what counts.
            return array_values(
                array_map(
                    static fn(array $cells): array => array_map(
                        static fn(mixed $cell): string => is_scalar($cell) ? (string) $cell : '',
                        array_values($cells),
                    ),
                    $sheet->toArray('', false, false),
                ),
            );
        } catch (Throwable $e) {
            throw UnfitRow::at('list', __('stock.shelf_list.the_xlsx_file_cannot_be_read', [
                'get_message' => mb_substr($e->getMessage(), 0, 80),
            ]));
        }
    }
}
