<?php

declare(strict_types=1);

namespace App\Api\Shapes;

use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use JsonSerializable;
use stdClass;

/**
 * What is answered: the public fields of a class, their names in snake_case. The description of the interface is read from
 * the same fields and their comments, so the two cannot differ.
 */
abstract readonly class ApiShape implements JsonSerializable
{
    /** @return array<string, mixed> */
    final public function jsonSerialize(): array
    {
        $fields = [];
        foreach (get_object_vars($this) as $name => $value) {
            $fields[Str::snake($name)] = $value instanceof CarbonImmutable ? $value->toIso8601String() : $value;
        }

        return $fields;
    }

    /**
     * A list by names stays one where there is nothing in it.
     *
     * @param array<string, mixed> $of
     *
     * @return array<string, mixed>|stdClass
     */
    protected static function named(array $of): array|stdClass
    {
        return $of === [] ? new stdClass() : $of;
    }
}
