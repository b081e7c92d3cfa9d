<?php

declare(strict_types=1);

namespace App\Foundation\Formats;

use InvalidArgumentException;

/** Lists as comma-separated values, as spreadsheet programs write and read them. */
final class Csv
{
    private const LONGEST = 10_000;
    /**
     * Spreadsheet programs run what begins with these, written wide too, and whatever unseen stands before; a quote before
     * it keeps it text.
     */
    private const FORMULA = '/^[\s\p{C}\p{Z}]*[=+\-@＝＋－＠]/u';

    /**
     * @param list<string>       $columns
     * @param list<list<string>> $rows
     */
    public static function write(array $columns, array $rows): string
    {
        $stream = fopen('php://temp', 'w+b');
        assert($stream !== false);
        self::begin($stream, $columns);
        foreach ($rows as $row) {
            self::put($stream, $row);
        }
        rewind($stream);

        return (string) stream_get_contents($stream);
    }

    /**
     * @param resource     $stream
     * @param list<string> $columns
     */
    public static function begin($stream, array $columns): void
    {
        // The mark tells spreadsheet programs that this is UTF-8.
        fwrite($stream, "\u{FEFF}");
        fputcsv($stream, $columns, escape: '');
    }

    /**
     * @param resource     $stream
     * @param list<string> $row
     */
    public static function put($stream, array $row): void
    {
        fputcsv($stream, array_map(self::quoted(...), $row), escape: '');
    }

    /**
     * @return list<list<string>> the first row among them
     *
     * @throws InvalidArgumentException when it is no text, or a cell is longer than any is
     */
    public static function lines(string $path, int $most): array
    {
        [$stream, $between] = self::stream($path);
        $lines = [];
        while (($cells = fgetcsv($stream, null, $between, escape: '')) !== false && count($lines) <= $most + 1) {
            foreach ($cells as $cell) {
                self::refuseLong((string) $cell, count($lines) + 1);
            }
            $lines[] = array_map(strval(...), $cells);
        }

        return $lines;
    }

    /**
     * A file as text that can be read from any place, whatever program wrote it.
     *
     * @return array{resource, string} and what stands between its cells
     *
     * @throws InvalidArgumentException when it is no text
     */
    public static function stream(string $path): array
    {
        $text = (string) file_get_contents($path);
        if (! mb_check_encoding($text, 'UTF-8')) {
            $text = mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
        }
        if (str_contains($text, "\0")) {
            throw new InvalidArgumentException(__('common.csv.no_text'));
        }
        $stream = fopen('php://temp', 'w+b');
        assert($stream !== false);
        fwrite($stream, $text);
        rewind($stream);
        $first = strtok($text, "\r\n") ?: '';

        return [$stream, substr_count($first, ';') > substr_count($first, ',') ? ';' : ','];
    }

    /**
     * A cell as it was meant.
     *
     * @throws InvalidArgumentException when it is longer than any is
     */
    public static function read(string $cell, int $row): string
    {
        self::refuseLong($cell, $row);

        return self::unquoted($cell);
    }

    /** @throws InvalidArgumentException */
    private static function refuseLong(string $cell, int $row): void
    {
        if (strlen($cell) > self::LONGEST) {
            throw new InvalidArgumentException(__('common.csv.long_cell', ['row' => $row, 'most' => self::LONGEST]));
        }
    }

    /**
     * The rows under the names of their columns; empty ones are left out.
     *
     * @param list<list<string>> $lines
     *
     * @return array<int, array<string, string>> by their number in the list, the first after the head being 2
     */
    public static function named(array $lines): array
    {
        $head = self::head($lines);
        $rows = [];
        foreach (array_slice($lines, 1) as $i => $cells) {
            if (implode('', array_map(trim(...), $cells)) === '') {
                continue;
            }
            foreach ($head as $column => $name) {
                $rows[$i + 2][$name] = self::unquoted($cells[$column] ?? '');
            }
        }

        return $rows;
    }

    /**
     * @param list<list<string>> $lines
     *
     * @return list<string>
     */
    public static function head(array $lines): array
    {
        return array_map(
            static fn(string $cell): string => str_replace([' ', '-'], '_', mb_strtolower(trim($cell, " \t\u{FEFF}"))),
            $lines[0] ?? [],
        );
    }

    private static function quoted(string $cell): string
    {
        return preg_match(self::FORMULA, $cell) === 1 && ! is_numeric($cell) ? "'{$cell}" : $cell;
    }

    private static function unquoted(string $cell): string
    {
        return str_starts_with($cell, "'") && preg_match(self::FORMULA, substr($cell, 1)) === 1 ? substr($cell, 1) : $cell;
    }
}
