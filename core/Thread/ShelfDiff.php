<?php

declare(strict_types=1);

namespace Hakama\Thread;

use Hakama\Words\Text;

/** What a list would change on the shelf. What the list does not name is left alone. */
final readonly class ShelfDiff
{
    /**
     * @param list<ShelfRow>                       $added
     * @param list<array{ShelfRow, list<Text>}>  $changed row as it will be, and what changes in words
     * @param list<Text>                         $problems rows that contradict each other
     */
    private function __construct(
        public array $added,
        public array $changed,
        public int $same,
        public array $problems,
    ) {}

    /**
     * @param list<ShelfRow> $now
     * @param list<ShelfRow> $wanted
     */
    public static function of(array $now, array $wanted): self
    {
        $byCone = [];
        foreach ($now as $row) {
            $byCone[self::key($row)] = $row;
        }
        $added = $changed = $problems = $seen = $threads = [];
        $same = 0;
        foreach ($wanted as $row) {
            $thread = $threads[mb_strtolower($row->code)] ??= $row;
            if (isset($seen[self::key($row)])) {
                $problems[] = new Text('stock.shelf.cone_twice', ['code' => $row->code, 'cone' => $row->cone]);
            } elseif ([$thread->name, $thread->hex, $thread->weight] !== [$row->name, $row->hex, $row->weight]) {
                $problems[] = new Text('stock.shelf.code_differs', ['code' => $row->code]);
            }
            $seen[self::key($row)] = true;
            $before = $byCone[self::key($row)] ?? null;
            $differences = $before === null ? [] : self::differences($before, $row);
            if ($before === null) {
                $added[] = $row;
            } elseif ($differences === []) {
                $same++;
            } else {
                $changed[] = [$row, $differences];
            }
        }

        return new self($added, $changed, $same, array_values(array_unique($problems, SORT_REGULAR)));
    }

    private static function key(ShelfRow $row): string
    {
        return mb_strtolower($row->code)."\n".$row->cone;
    }

    /** @return list<Text> */
    private static function differences(ShelfRow $before, ShelfRow $after): array
    {
        $differences = [];
        foreach (
            [
                ['name', $before->name, $after->name],
                ['colour', $before->hex, $after->hex],
                ['weight', $before->weight, $after->weight],
                ['shelf', $before->shelf, $after->shelf],
                ['metres_left', $before->metresLeft, $after->metresLeft],
            ] as [$what, $from, $to]
        ) {
            if ($from !== $to) {
                $differences[] = new Text("stock.shelf.differs_{$what}", [
                    'from' => $from === '' ? new Text('stock.shelf.none') : (string) $from,
                    'to' => $to === '' ? new Text('stock.shelf.none') : (string) $to,
                ]);
            }
        }

        return $differences;
    }
}
