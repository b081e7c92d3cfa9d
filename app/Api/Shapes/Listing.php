<?php

declare(strict_types=1);

namespace App\Api\Shapes;

/**
 * A part of a longer list.
 *
 * @template T of ApiShape
 */
final readonly class Listing extends ApiShape
{
    /**
     * @param list<T>  $items in ascending order
     * @param int|null $next  where the next part begins, as `after`; null where this is the last
     */
    public function __construct(public array $items, public ?int $next) {}
}
