<?php

declare(strict_types=1);

namespace App\Formats;

use PhpOffice\PhpSpreadsheet\Cell\DataType;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx as Writer;

/** Lists as spreadsheets. What is a number is written as one; all else is text, whatever it begins with. */
final class Xlsx
{
    /** @param iterable<list<int|float|string>> $rows */
    public static function of(string $title, iterable $rows): string
    {
        $book = new Spreadsheet();
        $sheet = $book->getActiveSheet()->setTitle($title);
        $line = 0;
        foreach ($rows as $cells) {
            $line++;
            foreach ($cells as $column => $cell) {
                $sheet->setCellValueExplicit(
                    [$column + 1, $line],
                    $cell,
                    is_string($cell) ? DataType::TYPE_STRING : DataType::TYPE_NUMERIC,
                );
            }
        }
        $stream = fopen('php://temp', 'w+b');
        assert($stream !== false);
        (new Writer($book))->save($stream);
        rewind($stream);

        return (string) stream_get_contents($stream);
    }
}
