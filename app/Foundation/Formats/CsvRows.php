<?php

declare(strict_types=1);

namespace App\Foundation\Formats;

use InvalidArgumentException;

/** A list of any length, row by row, and each row again by where it lies. */
final readonly class CsvRows
{
    /**
     * @param resource     $stream
     * @param list<string> $head   names of the columns
     * @param int          $begins where the first row after them lies
     */
    private function __construct(private mixed $stream, private string $between, public array $head, private int $begins) {}

    /** @throws InvalidArgumentException when it is no text */
    public static function open(string $path): self
    {
        [$stream, $between] = Csv::stream($path);
        $head = fgetcsv($stream, null, $between, escape: '');

        return new self(
            $stream,
            $between,
            Csv::head([$head === false ? [] : array_map(strval(...), $head)]),
            (int) ftell($stream),
        );
    }

    /**
     * @return iterable<int, array{int, array<string, string>}> by its number in the list, the first after the head being 2:
     *     where it lies, and its cells under the names of their columns; empty ones are left out
     *
     * @throws InvalidArgumentException when a cell is longer than any is
     */
    public function all(): iterable
    {
        $at = $this->begins;
        for ($number = 2; ; $number++) {
            fseek($this->stream, $at);
            $cells = fgetcsv($this->stream, null, $this->between, escape: '');
            if ($cells === false) {
                return;
            }
            $next = (int) ftell($this->stream);
            $row = $this->named($cells, $number);
            if (implode('', array_map(trim(...), $row)) !== '') {
                yield $number => [$at, $row];
            }
            $at = $next;
        }
    }

    /** @return array<string, string> */
    public function at(int $at): array
    {
        fseek($this->stream, $at);

        return $this->named(fgetcsv($this->stream, null, $this->between, escape: '') ?: [], 0);
    }

    /**
     * @param array<array-key, string|null> $cells
     *
     * @return array<string, string>
     */
    private function named(array $cells, int $number): array
    {
        $row = [];
        foreach ($this->head as $column => $name) {
            $row[$name] = Csv::read((string) ($cells[$column] ?? ''), $number);
        }

        return $row;
    }
}
