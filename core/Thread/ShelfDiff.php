<?php

declare(strict_types=1);

namespace Hakama\Thread;

/** What a list would change on the shelf. What the list does not name is left alone. */
final readonly class ShelfDiff
{
    /**
     * @param list<ShelfRow>                       $added
     * @param list<array{ShelfRow, list<string>}>  $changed row as it will be, and what changes in words
     * @param list<string>                         $problems rows that contradict each other
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
                $problems[] = sprintf('%s, cone %d stands in the list twice', $row->code, $row->cone);
            } elseif ([$thread->name, $thread->hex, $thread->weight] !== [$row->name, $row->hex, $row->weight]) {
                $problems[] = sprintf('%s is called and coloured differently in different rows', $row->code);
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

        return new self($added, $changed, $same, array_values(array_unique($problems)));
    }

    private static function key(ShelfRow $row): string
    {
        return mb_strtolower($row->code)."\n".$row->cone;
    }

    /** @return list<string> */
    private static function differences(ShelfRow $before, ShelfRow $after): array
    {
        $differences = [];
        foreach (
            [
                ['name', $before->name, $after->name],
                ['colour', $before->hex, $after->hex],
                ['weight', $before->weight, $after->weight],
                ['shelf', $before->shelf, $after->shelf],
                ['metres left', $before->metresLeft, $after->metresLeft],
            ] as [$what, $from, $to]
        ) {
            if ($from !== $to) {
                $differences[] = sprintf(
                    '%s %s → %s',
                    $what,
                    $from === '' ? 'none' : $from,
                    $to === '' ? 'none' : $to,
                );
            }
        }

        return $differences;
    }
}
