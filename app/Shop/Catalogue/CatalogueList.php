<?php

declare(strict_types=1);

namespace App\Shop\Catalogue;

/** A list of the catalogue: shown, changed row by row, and saved and read as CSV. */
interface CatalogueList
{
    /** @return list<Column> the first of them names the row */
    public function columns(): array;

    /** @return list<list<string>> one cell a column */
    public function rows(): array;

    /**
     * Takes rows over that were checked against their columns: what is there is changed, what is not is added.
     *
     * @param array<int, array<string, string>> $rows by their number in the list
     *
     * @return int how many were taken
     *
     * @throws UnfitList when they do not go together; nothing is changed then
     */
    public function take(array $rows): int;
}
