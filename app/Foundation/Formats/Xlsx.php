<?php

declare(strict_types=1);

namespace App\Foundation\Formats;

use DateTimeInterface;
use PhpOffice\PhpSpreadsheet\Cell\DataType;
use PhpOffice\PhpSpreadsheet\Shared\Date;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx as Writer;

/** Lists as spreadsheets. Numbers and days are written as such; all else is text, whatever it begins with. */
final class Xlsx
{
    private const DAY = 'yyyy-mm-dd';

    /**
     * @param list<string>                                             $columns
     * @param iterable<list<int|float|string|DateTimeInterface>> $rows
     */
    public static function of(string $title, array $columns, iterable $rows): string
    {
        $book = new Spreadsheet();
        $sheet = $book->getActiveSheet()->setTitle($title);
        foreach ($columns as $column => $name) {
            $sheet->setCellValueExplicit([$column + 1, 1], $name, DataType::TYPE_STRING);
        }
        $line = 1;
        $days = [];
        foreach ($rows as $cells) {
            $line++;
            foreach ($cells as $column => $cell) {
                if ($cell instanceof DateTimeInterface) {
                    $days[$column] = true;
                    $cell = Date::formattedPHPToExcel(...array_map(intval(...), explode('-', $cell->format('Y-n-j'))));
                }
                $sheet->setCellValueExplicit(
                    [$column + 1, $line],
                    $cell,
                    is_string($cell) ? DataType::TYPE_STRING : DataType::TYPE_NUMERIC,
                );
            }
        }
        foreach (array_keys($days) as $column) {
            $sheet->getStyle([$column + 1, 2, $column + 1, $line])->getNumberFormat()->setFormatCode(self::DAY);
        }
        $stream = fopen('php://temp', 'w+b');
        assert($stream !== false);
        (new Writer($book))->save($stream);
        rewind($stream);

        return (string) stream_get_contents($stream);
    }
}
