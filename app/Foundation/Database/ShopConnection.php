<?php

declare(strict_types=1);

namespace App\Foundation\Database;

use App\Foundation\Clock\Moment;
use DateTimeInterface;
use Illuminate\Database\MariaDbConnection;

/**
 * Moments go to the tables as UTC, whatever clock they are told by. A day is handed over as its date. What is written is
 * told to whoever has kept something of the tables.
 */
class ShopConnection extends MariaDbConnection
{
    /**
     * @param array<array-key, mixed> $bindings
     *
     * @return array<array-key, mixed>
     */
    public function prepareBindings(array $bindings)
    {
        return parent::prepareBindings(
            array_map(
                static fn(mixed $value): mixed => $value instanceof DateTimeInterface ? Moment::write($value) : $value,
                $bindings,
            ),
        );
    }

    /** @param bool $value whether anything was */
    public function recordsHaveBeenModified($value = true): void
    {
        if ($value) {
            Transaction::noteWrite();
        }
        parent::recordsHaveBeenModified($value);
    }
}
